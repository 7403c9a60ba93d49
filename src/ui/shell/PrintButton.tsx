'use client'
export const PrintButton = () => (
  <button type="button" className="action" onClick={() => window.print()}>
    Print
  </button>
)
