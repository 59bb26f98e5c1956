import Box from '@mui/material/Box';
import { useTheme } from '@mui/material/styles';

/** Parts of a saw that a step can point at. */
export type SawPart =
  | 'guard'
  | 'brake'
  | 'cover'
  | 'bar'
  | 'nose'
  | 'chain'
  | 'sprocket'
  | 'top'
  | 'muffler'
  | 'starter'
  | 'tanks'
  | 'handle'
  | 'all';

/** The saw from its cover side, drawn plainly, with the part that the hand goes to laid in yellow. */
export function SawOutline({ part }: { part: SawPart }) {
  const { house, text, background } = useTheme().vars.palette;
  const line = { stroke: text.secondary, strokeWidth: 1.6, strokeLinejoin: 'round' as const };
  const fill = (own: SawPart) => (part === own || part === 'all' ? house.tag : background.paper);
  return (
    <Box
      component="svg"
      role="img"
      aria-label={`Drawing of the saw: ${part === 'all' ? 'the whole saw' : `the ${NAMES[part]}`}`}
      viewBox="0 0 500 136"
      sx={{ width: '100%', maxWidth: 520, maxHeight: { xs: 110, md: 150 }, display: 'block' }}
    >
      <path
        d="M30 96c-14-2-20-16-14-30l16-34c6-12 20-12 34-10l24 6-6 16-26-4-18 42z"
        fill={fill('handle')}
        {...line}
      />
      <path d="M78 40c30-26 84-26 112 6l-10 12c-24-24-64-24-90-4z" fill={fill('handle')} {...line} />
      <path d="M196 18l14 4-8 44-16-2z" fill={fill(part === 'brake' ? 'brake' : 'guard')} {...line} />
      <path d="M60 60h132l12 22v48H48V86z" fill={background.default} {...line} />
      <path d="M92 46h78l16 16H76z" fill={fill('top')} {...line} />
      <rect x="54" y="104" width="62" height="26" rx="4" fill={fill('tanks')} {...line} />
      <circle cx="86" cy="84" r="15" fill={fill('starter')} {...line} />
      <path d="M190 84h22v34h-22z" fill={fill('muffler')} {...line} />
      <path d="M126 72h84c8 0 12 8 12 22s-6 30-14 30h-82z" fill={fill('cover')} {...line} />
      <circle cx="160" cy="100" r="17" fill={fill('brake')} {...line} />
      <circle cx="160" cy="100" r="8" fill={fill('sprocket')} {...line} />
      <path d="M206 88h252a14 14 0 0 1 0 28H206z" fill={fill('bar')} {...line} />
      <circle cx="458" cy="102" r="9" fill={fill('nose')} {...line} />
      <path
        d="M206 84h254a18 18 0 0 1 0 36H206"
        fill="none"
        stroke={part === 'chain' || part === 'all' ? house.tagEdge : text.secondary}
        strokeWidth={part === 'chain' ? 7 : 4}
        strokeDasharray="9 5"
      />
    </Box>
  );
}

const NAMES: Record<SawPart, string> = {
  guard: 'hand guard',
  brake: 'chain brake',
  cover: 'cover',
  bar: 'bar',
  nose: 'nose of the bar',
  chain: 'chain',
  sprocket: 'sprocket',
  top: 'top cover',
  muffler: 'muffler and its screen',
  starter: 'starter',
  tanks: 'tanks',
  handle: 'handles and switches',
  all: 'whole saw',
};
