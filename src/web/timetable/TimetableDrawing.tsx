import { Box } from '@chakra-ui/react';
import type { Plan } from '../../core/practical';
import type { LessonTimetable, Odds } from '../../core/timetable';
import { BarMark, type Hold } from './BarMark';
import { LoadBand, OvenBand } from './bands';
import { sharedName } from './timetable-words';
import {
  bandHeight,
  fullLoads,
  laneGap,
  laneHeight,
  lastMinute,
  minutesScale,
  ovenHeight,
  sharedLanes,
  stationLanes,
  width,
  type Minutes,
  type SayMinute,
} from './drawing-scale';
import { LaneName } from './LaneName';

interface DrawingProps {
  plan: Plan;
  timetable: LessonTimetable;
  odds: Odds | null;
  /** Lanes by station, or by what is shared. */
  by: 'station' | 'shared';
  /** How a minute is written. */
  say: SayMinute;
  /** Null: nothing can be dragged. */
  onHold: Hold | null;
  /** How high a lane is. */
  lane?: number;
}

const ink = 'var(--chakra-colors-ink)';
const soft = 'var(--chakra-colors-soft)';
const top = 34;

/** The lesson from bell to bell: a lane a station or a thing shared, what the ovens hold, what is all taken. */
export function TimetableDrawing({
  plan,
  timetable,
  odds,
  by,
  say,
  onHold,
  lane = laneHeight,
}: DrawingProps) {
  const bell = plan.periodMinutes;
  const x = minutesScale(lastMinute(timetable, bell, odds));
  const byStation = by === 'station';
  const lanes = byStation ? stationLanes(timetable) : sharedLanes(timetable, sharedName);
  const common = timetable.bars.filter(({ lane }) => lane.kind !== 'station');
  const lanesAt = top + lane + laneGap;
  const ovens = byStation ? timetable.ovens.filter(({ spans }) => spans.length > 0) : [];
  const loads = byStation ? fullLoads(timetable) : [];
  const ovensAt = lanesAt + lanes.length * (lane + laneGap) + 6;
  const loadsAt = ovensAt + ovens.length * (ovenHeight + laneGap) + (ovens.length > 0 ? 4 : 0);
  const height = loadsAt + loads.length * (bandHeight + laneGap) + 4;
  const { endsMin, slowEndsMin } = timetable;
  const stations = byStation ? lanes.length : stationLanes(timetable).length;
  return (
    <Box overflowX="auto" tabIndex={0} role="group" aria-label="Drawing of the timetable">
      <Box
        as="svg"
        role="img"
        aria-label={`Timetable of ${stations} stations: the last has cleared up at ${say(endsMin)}, the bell is at ${say(bell)}`}
        css={{ display: 'block', width: '100%', minWidth: '560px', height: 'auto', fontSize: '11px' }}
        {...{ viewBox: `0 0 ${width} ${height}` }}
      >
        <Hatch />
        {slowEndsMin > endsMin && (
          <rect
            {...{ x: x(endsMin), width: x(slowEndsMin) - x(endsMin), y: 28, height: height - 28 }}
            fill="var(--chakra-colors-tawny-wash)"
          >
            <title>{`Every range at its upper end: all have cleared up at ${say(slowEndsMin)}`}</title>
          </rect>
        )}
        <MinuteLines {...{ x, height, bell, say }} />
        <LaneName y={top} height={lane} words="all together" />
        {common.map((bar) => (
          <BarMark key={bar.id} {...{ bar, x, plan, say, onHold }} height={lane} y={top} />
        ))}
        {lanes.map(({ name, bars }, i) => {
          const y = lanesAt + i * (lane + laneGap);
          return (
            <g key={name}>
              <LaneName y={y} height={lane} words={name} />
              {bars.map((bar) => (
                <BarMark
                  key={bar.id}
                  {...{ bar, x, plan, y, say, onHold }}
                  height={lane}
                  names={byStation ? 'step' : 'station'}
                />
              ))}
            </g>
          );
        })}
        {ovens.map((oven, i) => (
          <OvenBand key={oven.name} {...{ oven, x, say }} y={ovensAt + i * (ovenHeight + laneGap)} />
        ))}
        {loads.map((load, i) => (
          <LoadBand key={load.kind} {...{ load, x, say }} y={loadsAt + i * (bandHeight + laneGap)} />
        ))}
        {odds && <EndBand odds={odds} x={x} />}
        <BellLine {...{ x, bell, height, say }} over={endsMin > bell} />
      </Box>
    </Box>
  );
}

const Hatch = () => (
  <defs>
    <pattern id="waiting" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width="7" height="7" fill="var(--chakra-colors-paper)" />
      <rect width="3" height="7" fill="var(--chakra-colors-strong-rule)" />
    </pattern>
  </defs>
);

interface BellLineProps {
  x: Minutes;
  bell: number;
  height: number;
  say: SayMinute;
  over: boolean;
}

function BellLine({ x, bell, height, say, over }: BellLineProps) {
  const colour = over ? 'var(--chakra-colors-ember)' : ink;
  return (
    <g>
      <line {...{ x1: x(bell), x2: x(bell), y1: 16, y2: height }} stroke={colour} strokeWidth="2" />
      <text x={x(bell)} y={12} textAnchor="end" fontWeight="bold" fill={colour}>
        bell, {say(bell)}
      </text>
    </g>
  );
}

interface LinesProps {
  x: Minutes;
  height: number;
  bell: number;
  say: SayMinute;
}

function MinuteLines({ x, height, bell, say }: LinesProps) {
  return x.ticks(8).map((minute) => (
    <g key={minute}>
      <line {...{ x1: x(minute), x2: x(minute), y1: 28, y2: height }} stroke="var(--chakra-colors-rule)" />
      {Math.abs(x(minute) - x(bell)) > 12 && (
        <text x={x(minute)} y={25} textAnchor="middle" fill={soft}>
          {say(minute).replace(' min', '')}
        </text>
      )}
    </g>
  ));
}

/** Where the ends of a thousand lessons lie: five to ninety-five of a hundred, and the middle one. */
function EndBand({ odds: { ends }, x }: { odds: Odds; x: Minutes }) {
  const [, last] = x.domain();
  const at = (minute: number) => x(Math.min(minute, last!));
  return (
    <g>
      <title>{`Of a hundred such lessons ninety end between ${Math.round(ends.p5)} and ${Math.round(ends.p95)} min`}</title>
      <rect
        {...{ x: at(ends.p5), width: Math.max(2, at(ends.p95) - at(ends.p5)), y: 28, height: 4 }}
        fill="var(--chakra-colors-moss)"
      />
      <line
        {...{ x1: at(ends.p50), x2: at(ends.p50), y1: 25, y2: 34 }}
        stroke="var(--chakra-colors-moss)"
        strokeWidth="3"
      />
    </g>
  );
}
