/** Six shapes and seven inks: with the initials as good as never the same twice in a group, and told without colour. */
const SHAPES = [
  'circle(50%)',
  'inset(4% round 18%)',
  'polygon(50% 0, 100% 50%, 50% 100%, 0 50%)',
  'polygon(25% 3%, 75% 3%, 100% 50%, 75% 97%, 25% 97%, 0 50%)',
  'polygon(50% 0, 100% 35%, 88% 100%, 12% 100%, 0 35%)',
  'polygon(4% 0, 96% 0, 96% 62%, 50% 100%, 4% 62%)',
] as const
const INKS = ['#2f5d62', '#5a4a78', '#7a4b2b', '#3d5a2e', '#7a2f45', '#2d4f7c', '#5c5340'] as const

/** A number of a text, the same every time. */
const numberOf = (text: string): number => [...text].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 1_000_003, 7)

const initialsOf = (name: string): string =>
  name
    .split(/[\s,]+/)
    .slice(0, 2)
    .map((part) => part[0] ?? '')
    .join('')
    .toUpperCase()

/** Initials with a shape and a colour of somebody's own, the same in every list. */
export function PersonBadge({ id, name, size = 44 }: { id: string; name: string; size?: number }) {
  const number = numberOf(id)
  return (
    <span
      aria-hidden="true"
      className="flex shrink-0 items-center justify-center font-bold text-white"
      style={{
        width: size,
        height: size,
        fontSize: size * 0.36,
        clipPath: SHAPES[number % SHAPES.length],
        background: INKS[Math.floor(number / SHAPES.length) % INKS.length],
      }}
    >
      {initialsOf(name)}
    </span>
  )
}
