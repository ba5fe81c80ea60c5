import { chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { SketchId } from '../../core/measures';

const Svg = chakra('svg', {
  base: {
    '& .thing': { fill: 'tawnyWash', stroke: 'ink', strokeWidth: 1.5 },
    '& .tool': {
      fill: 'none',
      stroke: 'glass',
      strokeWidth: 2,
      strokeLinecap: 'round',
      strokeLinejoin: 'round',
    },
    '& .full': { fill: 'glassWash', stroke: 'glass', strokeWidth: 2 },
    '& .bench': { stroke: 'strongRule', strokeWidth: 2 },
    '& .way': {
      fill: 'none',
      stroke: 'ember',
      strokeWidth: 1.8,
      strokeDasharray: '3 3',
      strokeLinecap: 'round',
    },
  },
});

const bench = <line className="bench" x1="4" y1="80" x2="116" y2="80" />;
/** Marks of a ruler, every few units along a line. */
const marks = (x: number, from: number, to: number, long = 5) => (
  <path
    className="tool"
    strokeWidth="1"
    d={Array.from(
      { length: Math.floor((to - from) / 6) + 1 },
      (_, i) => `M${x} ${from + 6 * i}h${long}`,
    ).join('')}
  />
);
const bun = <path className="thing" d="M30 80c-6-18 4-44 30-44s36 26 30 44z" />;
const dish = <path className="thing" d="M34 40h52l-6 40H40z" />;

/** How each measure is taken, in a few lines: what is measured in tawny, what with in blue-green, what moves in dashes. */
const drawings: Readonly<Record<SketchId, ReactNode>> = {
  'ruler-up': (
    <>
      {bun}
      <path className="tool" d="M60 30v50" />
      <path className="full" d="M98 22h10v58H98z" />
      {marks(98, 26, 76)}
      <path className="way" d="M60 36h38" />
    </>
  ),
  'ruler-across': (
    <>
      <ellipse className="thing" cx="60" cy="42" rx="36" ry="24" />
      <path className="tool" d="M24 42h72M60 18v48" />
      <path className="tool" d="M24 38v8M96 38v8M56 18h8M56 66h8" />
    </>
  ),
  seeds: (
    <>
      <path className="full" d="M22 34h50v46H22z" />
      <path className="thing" d="M32 80c-3-10 2-24 15-24s18 14 15 24z" />
      <path className="tool" d="M84 24h18v56H84z" />
      {marks(84, 30, 76)}
      <path className="full" d="M84 58h18v22H84z" />
      <path className="way" d="M60 30q16-18 30-8" />
    </>
  ),
  'turned-out': (
    <>
      <path className="tool" d="M14 34h34l-4 46H18z" />
      <path className="thing" d="M70 80c-4-14-2-30 4-32h26c6 2 8 18 4 32z" />
      <path className="way" d="M72 38h34" />
      <path className="tool" d="M87 34v46" />
    </>
  ),
  'ring-lifted': (
    <>
      <path className="thing" d="M30 80c2-16 10-24 30-24s28 8 30 24z" />
      <path className="tool" d="M40 14h40v30H40z" />
      <path className="way" d="M60 54V20M54 26l6-7 6 7" />
    </>
  ),
  rings: (
    <>
      {[12, 20, 28, 36].map((r) => (
        <ellipse key={r} className="tool" cx="60" cy="46" rx={r} ry={r * 0.62} />
      ))}
      <path className="thing" d="M36 46c2-14 14-17 24-17s24 6 23 18-12 17-24 16-24-5-23-17z" />
      <path className="way" d="M60 46h34" />
    </>
  ),
  funnel: (
    <>
      <path className="full" d="M32 14h56L66 48v12h-12V48z" />
      <path className="way" d="M60 62v12" />
      <path className="thing" d="M44 70h32v10H44z" />
    </>
  ),
  pull: (
    <>
      <path className="tool" d="M22 80l8-30M98 80l-8-30" />
      <path className="thing" d="M20 44h80v7H20z" />
      <path className="tool" d="M60 51v8M54 59h12v14H54z" />
      <path className="way" d="M60 74v12" />
    </>
  ),
  needle: (
    <>
      {dish}
      <path className="tool" d="M60 20v42" />
      <path className="full" d="M50 10h20v12H50z" />
      <path className="way" d="M72 42v20" />
    </>
  ),
  drop: (
    <>
      <path className="thing" d="M44 18h32v8H44z" />
      <path className="way" d="M60 30v40M54 64l6 7 6-7" />
      <path className="full" d="M96 10h10v70H96z" />
      {marks(96, 14, 76)}
    </>
  ),
  bubbles: (
    <>
      <path className="thing" d="M14 26h92v46H14z" />
      {[24, 38, 50, 64, 78, 94].map((x, i) => (
        <circle key={x} className="full" cx={x} cy={48 + (i % 2 ? 6 : -4)} r={4 + (i % 3) * 2} />
      ))}
      <path className="way" d="M16 49h88" />
    </>
  ),
  card: (
    <>
      <path className="thing" d="M16 40c0-16 10-22 22-22s22 8 22 22-8 24-22 24-22-10-22-24z" />
      {['#F4E6BF', '#EBCB7E', '#DDA045', '#BF6F2C', '#96481A', '#5A2810'].map((fill, i) => (
        <rect key={fill} x="74" y={10 + 12 * i} width="30" height="11" fill={fill} />
      ))}
      <path className="way" d="M62 42h10" />
    </>
  ),
  camera: (
    <>
      <path className="full" d="M44 8h32v16H44z" />
      <circle className="tool" cx="60" cy="24" r="6" />
      <path className="way" d="M56 32L34 62M64 32l22 30" />
      <path className="thing" d="M36 66h36v14H36z" />
      <path className="tool" d="M78 66h16v14H78z" />
    </>
  ),
  strip: (
    <>
      {dish}
      <path className="full" d="M55 12h10v46H55z" />
      <path className="thing" d="M55 50h10v8H55z" />
    </>
  ),
  refractometer: (
    <>
      <path className="full" d="M14 42l18-12h64v18H32z" />
      <circle className="tool" cx="104" cy="39" r="8" />
      <path className="thing" d="M30 12c5 8 6 14 0 14s-5-6 0-14z" />
      <path className="way" d="M30 28v6" />
    </>
  ),
  probe: (
    <>
      <ellipse className="thing" cx="52" cy="56" rx="38" ry="22" />
      <path className="tool" d="M52 56l44-30" />
      <circle className="full" cx="102" cy="22" r="10" />
    </>
  ),
  balance: (
    <>
      <path className="thing" d="M38 30h44l-5 18H43z" />
      <path className="full" d="M22 50h76v8H22z" />
      <path className="full" d="M34 58h52v22H34z" />
      <path className="tool" d="M48 69h24" />
    </>
  ),
  'two-cups': (
    <>
      <path className="thing" d="M14 34h32l-4 46H18z" />
      <path className="thing" d="M74 34h32l-4 46H78z" />
      {[82, 92, 100, 86, 96].map((x, i) => (
        <circle key={x} className="full" cx={x - 2} cy={46 + 7 * (i % 4)} r="3" />
      ))}
      <path className="way" d="M50 56h18M62 50l7 6-7 6" />
    </>
  ),
  tilt: (
    <>
      <path className="tool" d="M40 20l34-8 14 54-34 8z" />
      <path className="full" d="M46 46l38-2 4 20-34 10z" />
      <path className="way" d="M24 66q-6-26 12-42" />
    </>
  ),
  cylinder: (
    <>
      <path className="tool" d="M44 10h32v70H44z" />
      {marks(44, 16, 76)}
      <path className="thing" d="M45 80V44q15-14 30 0v36z" />
      <path className="way" d="M88 72V40M82 46l6-7 6 7" />
    </>
  ),
  tally: (
    <>
      <path className="thing" d="M18 30h84v40H18z" />
      <path className="tool" d="M28 42v16M36 42v16M44 42v16M52 42v16M24 56l32-12M70 42v16M78 42v16" />
    </>
  ),
  faces: (
    <>
      {[24, 60, 96].map((x, i) => (
        <g key={x}>
          <circle className="thing" cx={x} cy="44" r="16" />
          <path className="tool" d={`M${x - 7} ${i === 0 ? 54 : 50}q7 ${[-6, 0, 7][i]} 14 0`} />
          <path className="tool" d={`M${x - 5} 40v1M${x + 5} 40v1`} />
        </g>
      ))}
    </>
  ),
  'three-cups': (
    <>
      {[10, 46, 82].map((x, i) => (
        <path key={x} className={i === 1 ? 'full' : 'thing'} d={`M${x} 40h28l-4 40h-20z`} />
      ))}
      <path className="tool" d="M54 18q6-8 11-2c3 6-5 6-5 12M60 33v1" />
    </>
  ),
};

const onBench: readonly SketchId[] = [
  ...(['ruler-up', 'seeds', 'turned-out', 'ring-lifted', 'funnel', 'pull', 'needle', 'drop'] as const),
  ...(['camera', 'strip', 'balance', 'two-cups', 'cylinder', 'three-cups'] as const),
];

/** The sketch of a measure; what it shows is said beside it in words. */
export function Sketch({ id, wide = 200 }: { id: SketchId; wide?: number }) {
  return (
    <Svg viewBox="0 0 120 90" width={wide} height={(wide * 90) / 120} aria-hidden>
      {onBench.includes(id) && bench}
      {drawings[id]}
    </Svg>
  );
}
