import { Box } from '@chakra-ui/react';
import { extent, scaleLinear } from 'd3';
import { formatNumber } from '../../core/format';
import { placeLabels } from './place-labels';

export interface TraceLine {
  station: number;
  label: string;
  colour: string;
  seconds: readonly number[];
  celsius: readonly number[];
  /** Where the temperature step ended. */
  end: { seconds: number; celsius: number } | null;
}

export interface StageBand {
  name: string;
  lowC: number;
  highC: number;
}

interface TraceChartProps {
  lines: readonly TraceLine[];
  bands: readonly StageBand[];
  /** Water boils here at; a thin line. */
  boilingC: number | null;
  pointed: number | null;
  onPoint(station: number | null): void;
}

const width = 900;
const height = 350;
const margin = { top: 12, right: 104, bottom: 46, left: 56 };

/** The traces of all stations laid over each other, over the stages as they lie on the local thermometer. */
export function TraceChart({ lines, bands, boilingC, pointed, onPoint }: TraceChartProps) {
  const seconds = extent(lines.flatMap((one) => [one.seconds[0] ?? 0, one.seconds.at(-1) ?? 0])) as [
    number,
    number,
  ];
  const celsius = extent(lines.flatMap((one) => extent(one.celsius) as [number, number])) as [number, number];
  const x = scaleLinear([Math.min(0, seconds[0] / 60), seconds[1] / 60], [margin.left, width - margin.right]);
  const y = scaleLinear([Math.min(20, celsius[0]), celsius[1] + 5], [height - margin.bottom, margin.top]);
  const draw = (one: TraceLine) =>
    one.seconds
      .map(
        (second, i) => `${i === 0 ? 'M' : 'L'}${x(second / 60).toFixed(1)} ${y(one.celsius[i]!).toFixed(1)}`,
      )
      .join('');
  const shownBands = bands.filter((band) => band.lowC < y.domain()[1]!);
  const ticks = y.ticks(6);
  const labels = placeLabels(
    shownBands.map((band) => ({
      text: band.name,
      at: (y(Math.min(band.highC, y.domain()[1]!)) + y(band.lowC)) / 2,
    })),
    15,
    margin.top,
    height - margin.bottom,
  );
  return (
    <Box asChild w="100%" h="auto" display="block">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={`Temperature against time for ${lines.length} stations`}
      >
        {shownBands.map((band) => {
          const top = y(Math.min(band.highC, y.domain()[1]!));
          return (
            <rect
              key={band.name}
              x={margin.left}
              width={width - margin.left - margin.right}
              y={top}
              height={Math.max(1, y(band.lowC) - top)}
              fill="var(--chakra-colors-tawny)"
              opacity="0.11"
            />
          );
        })}
        {labels.map((label) => (
          <text
            key={label.text}
            x={width - margin.right + 8}
            y={label.y}
            dominantBaseline="middle"
            fontSize="12.5"
            fill="var(--chakra-colors-soft)"
          >
            {label.text}
          </text>
        ))}
        {ticks.map((tick, i) => (
          <g key={tick}>
            <line
              x1={margin.left}
              x2={width - margin.right}
              y1={y(tick)}
              y2={y(tick)}
              stroke="var(--chakra-colors-rule)"
              strokeWidth="1"
            />
            <text
              x={margin.left - 8}
              y={y(tick)}
              textAnchor="end"
              dominantBaseline="middle"
              fontSize="12.5"
              fill="var(--chakra-colors-soft)"
            >
              {formatNumber(tick)}
              {i === ticks.length - 1 ? ' °C' : ''}
            </text>
          </g>
        ))}
        {x.ticks(8).map((tick) => (
          <text
            key={tick}
            x={x(tick)}
            y={height - margin.bottom + 18}
            textAnchor="middle"
            fontSize="12.5"
            fill="var(--chakra-colors-soft)"
          >
            {formatNumber(tick)}
          </text>
        ))}
        <text
          x={width - margin.right}
          y={height - 6}
          textAnchor="end"
          fontSize="12.5"
          fill="var(--chakra-colors-soft)"
        >
          minutes since the start
        </text>
        {boilingC !== null && (
          <g>
            <line
              x1={margin.left}
              x2={width - margin.right}
              y1={y(boilingC)}
              y2={y(boilingC)}
              stroke="var(--chakra-colors-glass)"
              strokeWidth="1.5"
              strokeDasharray="2 4"
            />
            <text
              x={width - margin.right - 4}
              y={y(boilingC) + 14}
              textAnchor="end"
              fontSize="12.5"
              fill="var(--chakra-colors-glass)"
            >
              water boils here, {formatNumber(boilingC, 1)} °C
            </text>
          </g>
        )}
        {[...lines]
          .sort((a, b) => Number(a.station === pointed) - Number(b.station === pointed))
          .map((one) => {
            const on = pointed === one.station;
            return (
              <g
                key={one.station}
                opacity={pointed === null || on ? 1 : 0.25}
                onMouseEnter={() => onPoint(one.station)}
                onMouseLeave={() => onPoint(null)}
              >
                <title>{`Station ${one.station}, ${one.label}`}</title>
                <path
                  d={draw(one)}
                  fill="none"
                  stroke="var(--chakra-colors-ink)"
                  strokeWidth={on ? 5 : 3.2}
                  strokeLinejoin="round"
                  opacity={on ? 0.5 : 0.28}
                />
                <path
                  d={draw(one)}
                  fill="none"
                  stroke={one.colour}
                  strokeWidth={on ? 3 : 1.9}
                  strokeLinejoin="round"
                />
                {one.end && (
                  <g>
                    <circle
                      cx={x(one.end.seconds / 60)}
                      cy={y(one.end.celsius)}
                      r={on ? 7 : 5}
                      fill={one.colour}
                      stroke="var(--chakra-colors-ink)"
                      strokeWidth="1.4"
                    />
                    {on && (
                      <text
                        x={x(one.end.seconds / 60) + 10}
                        y={y(one.end.celsius) - 6}
                        fontSize="14"
                        fontWeight="bold"
                        fill="var(--chakra-colors-ink)"
                      >
                        {one.station}
                      </text>
                    )}
                  </g>
                )}
              </g>
            );
          })}
      </svg>
    </Box>
  );
}
