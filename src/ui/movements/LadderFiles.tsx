'use client'
import { useState } from 'react'

/** As sharp as paper needs. */
const SCALE = 2

/** The picture drawn by the browser into a PNG. */
async function pngOf(address: string): Promise<Blob> {
  const svg = await (await fetch(address)).blob()
  const url = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
  try {
    const image = new Image()
    image.src = url
    await image.decode()
    const canvas = document.createElement('canvas')
    canvas.width = image.naturalWidth * SCALE
    canvas.height = image.naturalHeight * SCALE
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height)
    return await new Promise((resolve, reject) =>
      canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture was made'))), 'image/png'),
    )
  } finally {
    URL.revokeObjectURL(url)
  }
}

/** The whole ladder as a picture to keep: as drawn, or as dots for what reads nothing else. */
export function LadderFiles({ movement }: { movement: string }) {
  const [message, setMessage] = useState('')
  const address = `/api/movements/${movement}/ladder`
  const save = async () => {
    try {
      const url = URL.createObjectURL(await pngOf(address))
      const link = document.createElement('a')
      link.href = url
      link.download = `${movement}.png`
      link.click()
      URL.revokeObjectURL(url)
      setMessage('')
    } catch {
      setMessage('Not saved: the picture could not be made. Try again.')
    }
  }
  return (
    <p className="flex flex-wrap items-center gap-3 print:hidden">
      <a href={address} className="quiet" download>
        Ladder as SVG
      </a>
      <button type="button" className="quiet" onClick={() => void save()}>
        Ladder as PNG
      </button>
      <span role="status" className="wrong">
        {message}
      </span>
    </p>
  )
}
