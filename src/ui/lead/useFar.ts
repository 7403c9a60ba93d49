import { useCallback, useEffect, useState } from 'react'

const KEY = 'velvet-far'

/** Whether this device shows words that are read across the room in place of the figures: it is asked once, and remembered here. */
export function useFar(): [boolean, () => void] {
  const [far, setFar] = useState(false)
  useEffect(() => setFar(localStorage.getItem(KEY) === 'yes'), [])
  const turn = useCallback(
    () =>
      setFar((before) => {
        localStorage.setItem(KEY, before ? 'no' : 'yes')
        return !before
      }),
    [],
  )
  return [far, turn]
}
