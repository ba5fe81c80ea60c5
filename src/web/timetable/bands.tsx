import { line } from 'd3';
import type { LessonTimetable, Load } from '../../core/timetable';
import { LaneName } from './LaneName';
import {
  bandHeight,
  heatHeight,
  heatScale,
  left,
  ovenHeight,
  ovenLoads,
  width,
  type Minutes,
  type SayMinute,
} from './drawing-scale';
import { sharedName } from './timetable-words';

const ink = 'var(--chakra-colors-ink)';
const ember = 'var(--chakra-colors-ember)';

interface OvenBandProps {
  oven: LessonTimetable['ovens'][number];
  x: Minutes;
  y: number;
  say: SayMinute;
}

/** How hot an oven is, as a line; below it what it holds, as high as it is full. */
export function OvenBand({ oven, x, y, say }: OvenBandProps) {
  const heat = heatScale(y);
  const drawn = line<{ min: number; celsius: number }>(
    ({ min }) => x(min),
    ({ celsius }) => heat(celsius),
  );
  const foot = y + ovenHeight;
  const holds = ovenHeight - heatHeight - 4;
  return (
    <g>
      <LaneName y={y} height={ovenHeight} words={oven.name} />
      <rect
        {...{ x: left, y, width: width - left - 14, height: ovenHeight }}
        fill="none"
        stroke="var(--chakra-colors-rule)"
      />
      {ovenLoads(oven).map(({ fromMin, toMin, celsius, taken }) => {
        const tall = holds * Math.min(1, taken / oven.places);
        return (
          <rect
            key={fromMin}
            {...{ x: x(fromMin), width: x(toMin) - x(fromMin), y: foot - tall, height: tall }}
            fill="var(--chakra-colors-tawny-wash)"
            stroke="var(--chakra-colors-tawny)"
            strokeWidth="0.6"
          >
            <title>{`${oven.name}: ${taken} of ${oven.places} places at ${celsius} °C, ${say(fromMin)} to ${say(toMin)}`}</title>
          </rect>
        );
      })}
      <path d={drawn(oven.course) ?? ''} fill="none" stroke={ember} strokeWidth="1.5" />
      {oven.set.map(({ hotMin, celsius }) => (
        <text
          key={hotMin}
          x={x(hotMin) + 5}
          y={y + heatHeight + 7}
          fill={ink}
          stroke="var(--chakra-colors-sheet)"
          strokeWidth="3"
          paintOrder="stroke"
        >
          {celsius} °C
        </text>
      ))}
    </g>
  );
}

/** How many of something are in use; where all are, it is dark. */
export function LoadBand({ load, x, y, say }: { load: Load; x: Minutes; y: number; say: SayMinute }) {
  const { kind, units, points, queue } = load;
  const words = sharedName(kind);
  const last = points[points.length - 1];
  return (
    <g>
      <LaneName y={y} height={bandHeight} words={`${units} ${words}`} />
      {points.slice(0, -1).map(({ fromMin, taken }, i) => {
        const share = Math.min(1, taken / units);
        return (
          <rect
            key={fromMin}
            x={x(fromMin)}
            width={x(points[i + 1]!.fromMin) - x(fromMin)}
            y={y + bandHeight * (1 - share)}
            height={bandHeight * share}
            fill={share === 1 ? 'var(--chakra-colors-strong-rule)' : 'var(--chakra-colors-rule)'}
          >
            <title>{`${taken} of ${units} ${words} in use from ${say(fromMin)}`}</title>
          </rect>
        );
      })}
      {queue > 0 && last && (
        <text x={x(last.fromMin) + 6} y={y + bandHeight / 2 + 4} fill="var(--chakra-colors-soft)">
          {queue === 1 ? 'one waits' : `up to ${queue} wait`}
        </text>
      )}
    </g>
  );
}
