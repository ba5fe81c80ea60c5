import { formatNumber } from '../../core/format';
import { type ChartFrame } from './Axes';
import { placeLabels } from './place-labels';

export interface StageBand {
  name: string;
  lowC: number;
  highC: number;
}

interface BandsProps {
  frame: ChartFrame;
  bands: readonly StageBand[];
  /** Upper end of what is drawn, °C. */
  topC: number;
  y(celsius: number): number;
}

/** The stages of a syrup as bands across the chart, named at their right. */
export function StageBands({ frame: { width, height, margin }, bands, topC, y }: BandsProps) {
  const shown = bands.filter((band) => band.lowC < topC);
  const labels = placeLabels(
    shown.map((band) => ({ text: band.name, at: (y(Math.min(band.highC, topC)) + y(band.lowC)) / 2 })),
    15,
    margin.top,
    height - margin.bottom,
  );
  return (
    <>
      {shown.map((band) => {
        const top = y(Math.min(band.highC, topC));
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
    </>
  );
}

/** Where water boils here: a thin line with its temperature. */
export function BoilingLine({
  frame: { width, margin },
  celsius,
  y,
}: {
  frame: ChartFrame;
  celsius: number;
  y(celsius: number): number;
}) {
  return (
    <g>
      <line
        x1={margin.left}
        x2={width - margin.right}
        y1={y(celsius)}
        y2={y(celsius)}
        stroke="var(--chakra-colors-glass)"
        strokeWidth="1.5"
        strokeDasharray="2 4"
      />
      <text
        x={width - margin.right - 4}
        y={y(celsius) + 14}
        textAnchor="end"
        fontSize="12.5"
        fill="var(--chakra-colors-glass)"
      >
        water boils here, {formatNumber(celsius, 1)} °C
      </text>
    </g>
  );
}
