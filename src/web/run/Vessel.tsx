import { Box } from '@chakra-ui/react';
import { heatColour } from '../theme/heat-scale';

const width = 62;
const height = 150;
const inside = { left: 5, right: 47, top: 4, bottom: 144 };
const depth = inside.bottom - inside.top;
const glass = `M${inside.left} ${inside.top}V${inside.bottom - 12}a12 12 0 0 0 12 12H${inside.right - 12}a12 12 0 0 0 12-12V${inside.top}`;
const y = (share: number) => inside.bottom - share * depth;

export interface VesselProps {
  /** How full, 0 to 1; null is empty glass. */
  fill: number | null;
  /** How dark the content is, 0 to 1; null: time, drawn hatched. */
  shade: number | null;
  /** Where it will be in a minute, 0 to 1. */
  ghost?: number | null;
  /** The target, or the early look, 0 to 1. */
  notch?: number | null;
  marks?: readonly number[];
  done?: boolean;
  label: string;
}

/** A glass: its fill is the present temperature, the notch its target, the ghost where it will be in a minute. */
export function Vessel({
  fill,
  shade,
  ghost = null,
  notch = null,
  marks = [],
  done = false,
  label,
}: VesselProps) {
  const level = fill ?? 0;
  return (
    <Box asChild h="100%" w="auto" maxW="100%" display="block">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        preserveAspectRatio="xMidYMin meet"
        role="img"
        aria-label={label}
      >
        <Patterns />
        <g clipPath="url(#vessel-inside)">
          {ghost !== null && Math.abs(ghost - level) > 0.012 && (
            <rect
              x={inside.left}
              width={inside.right - inside.left}
              y={y(Math.max(ghost, level))}
              height={Math.abs(ghost - level) * depth}
              fill={ghost > level ? 'var(--chakra-colors-strong-rule)' : 'var(--chakra-colors-sheet)'}
              opacity={0.4}
              style={{ transition: 'y 450ms linear, height 450ms linear' }}
            />
          )}
          {fill !== null && (
            <rect
              x={inside.left}
              width={inside.right - inside.left}
              y={y(level)}
              height={inside.bottom - y(level)}
              fill={shade === null ? 'url(#vessel-time)' : heatColour(shade)}
              style={{ transition: 'y 450ms linear, height 450ms linear, fill 450ms linear' }}
            />
          )}
        </g>
        {marks.map((mark) => (
          <line
            key={mark}
            x1={inside.left + 1}
            x2={inside.left + 8}
            y1={y(mark)}
            y2={y(mark)}
            stroke="var(--chakra-colors-ink)"
            strokeWidth="1"
            opacity="0.45"
          />
        ))}
        <path
          d={glass}
          fill="none"
          stroke="var(--chakra-colors-ink)"
          strokeWidth="2.4"
          strokeLinecap="round"
          opacity={done ? 0.45 : 0.85}
        />
        {notch !== null && !done && <Notch at={notch} />}
        {done && <Tick />}
      </svg>
    </Box>
  );
}

/** What is inside the glass, and the hatching that stands for time. */
function Patterns() {
  return (
    <defs>
      <clipPath id="vessel-inside">
        <path d={`${glass}Z`} />
      </clipPath>
      <pattern
        id="vessel-time"
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="7" height="7" fill="var(--chakra-colors-glass-wash)" />
        <rect width="3" height="7" fill="var(--chakra-colors-glass)" opacity="0.55" />
      </pattern>
    </defs>
  );
}

/** Where the step ends: an arrow at the glass’s edge. */
function Notch({ at }: { at: number }) {
  return (
    <g transform={`translate(0 ${y(at)})`}>
      <path
        d={`M${inside.right - 12} 0H${inside.right + 4}l8 -6v12l-8 -6`}
        fill="var(--chakra-colors-tawny)"
        stroke="var(--chakra-colors-sheet)"
        strokeWidth="1"
        paintOrder="stroke"
      />
      <line
        x1={inside.right - 12}
        x2={inside.right + 5}
        y1="0"
        y2="0"
        stroke="var(--chakra-colors-tawny)"
        strokeWidth="2.6"
      />
    </g>
  );
}

function Tick() {
  return (
    <path
      d="M15 84l8 9 15-22"
      fill="none"
      stroke="var(--chakra-colors-moss)"
      strokeWidth="5"
      strokeLinecap="round"
      strokeLinejoin="round"
    />
  );
}
