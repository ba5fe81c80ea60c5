import { Box, chakra } from '@chakra-ui/react';
import type { Run } from '../../contract/runs';
import { counted, decimalsOf, formatTemperature } from '../../core/format';
import { shownValue, type Response } from '../../core/practical';
import type { Reached, ResultCell, ResultRow } from '../../core/run';

const Cell = chakra('td', { base: { py: '0.5', px: '2', textAlign: 'right', verticalAlign: 'baseline' } });
const Head = chakra('th', {
  base: {
    pb: '1.5',
    px: '2',
    textAlign: 'right',
    fontWeight: 'semibold',
    color: 'soft',
    fontSize: 'sm',
    verticalAlign: 'bottom',
    lineHeight: '1.2',
  },
});

interface ClassTableProps {
  run: Run;
  rows: readonly ResultRow[];
  colourOf?: ((levelId: string) => string) | undefined;
  pointed?: number | null;
  onPoint?: ((station: number | null) => void) | undefined;
}

/** Stations by responses, treatments as bands; corrections and deviations are marked where they are. */
export function ClassTable({ run, rows, colourOf, pointed = null, onPoint }: ClassTableProps) {
  const { plan } = run;
  const watched = watchedColumns(rows);
  const digits = plan.responses.map((response, j) => digitsOf(response, rows, j));
  return (
    <Box overflowX="auto">
      <chakra.table w="100%" css={{ borderCollapse: 'collapse' }}>
        <Heads responses={plan.responses} watched={watched} />
        <tbody>
          {rows.map((row, i) => (
            <StationRow
              key={row.station}
              {...{ run, row, watched, digits, colourOf }}
              first={rows[i - 1]?.treatment?.id !== row.treatment?.id}
              ruled={i > 0}
              pointed={pointed === row.station}
              onPoint={onPoint}
            />
          ))}
        </tbody>
      </chakra.table>
    </Box>
  );
}

function Heads({ responses, watched }: { responses: readonly Response[]; watched: readonly string[] }) {
  const units = responses.some((response) => response.unit !== '');
  return (
    <thead>
      <chakra.tr borderBottomWidth="1px" borderColor="strongRule">
        <Head textAlign="left" pl="0">
          Level
        </Head>
        <Head>Station</Head>
        {watched.map((stepId, i) => (
          <Head key={stepId}>{watched.length > 1 ? `Stopped at, ${i + 1}` : 'Stopped at'}</Head>
        ))}
        {responses.map((response) => (
          <Head key={response.id}>
            {response.name}
            {units && (
              <Box as="span" display="block" fontWeight="normal">
                {response.unit || '\u00a0'}
              </Box>
            )}
          </Head>
        ))}
      </chakra.tr>
    </thead>
  );
}

interface StationRowProps extends Pick<ClassTableProps, 'run' | 'colourOf' | 'onPoint'> {
  row: ResultRow;
  watched: readonly string[];
  digits: readonly (number | undefined)[];
  /** The first of its treatment. */
  first: boolean;
  ruled: boolean;
  pointed: boolean;
}

function StationRow({
  run,
  row,
  watched,
  digits,
  first,
  ruled,
  pointed,
  colourOf,
  onPoint,
}: StationRowProps) {
  return (
    <chakra.tr
      borderTopWidth={first && ruled ? '1px' : 0}
      borderColor="rule"
      bg={pointed ? 'tawnyWash' : undefined}
      onMouseEnter={() => onPoint?.(row.station)}
      onMouseLeave={() => onPoint?.(null)}
    >
      <LevelCell row={first ? row : null} colourOf={colourOf} />
      <StationCell row={row} />
      {watched.map((stepId) => (
        <StoppedCell
          key={stepId}
          reached={row.reached.find((one) => one.stepId === stepId)}
          unit={run.unit}
        />
      ))}
      {row.cells.map((cell, j) => (
        <ValueCell
          key={run.plan.responses[j]!.id}
          response={run.plan.responses[j]!}
          cell={cell}
          digits={digits[j]}
        />
      ))}
    </chakra.tr>
  );
}

/** The treatment, said once for its stations. */
function LevelCell({ row, colourOf }: { row: ResultRow | null; colourOf: ClassTableProps['colourOf'] }) {
  return (
    <Cell textAlign="left" pl="0" fontWeight="bold" whiteSpace="nowrap">
      {row && (
        <>
          {colourOf && row.treatment && (
            <Box
              as="span"
              display="inline-block"
              w="11px"
              h="11px"
              borderRadius="full"
              borderWidth="1px"
              borderColor="ink"
              mr="2"
              style={{ background: colourOf(row.treatment.id) }}
            />
          )}
          {row.label}
        </>
      )}
    </Cell>
  );
}

function StationCell({ row }: { row: ResultRow }) {
  return (
    <Cell title={row.deviations.join('; ')}>
      {row.deviations.length > 0 && (
        <Box
          as="abbr"
          color="amberInk"
          fontWeight="bold"
          mr="1"
          textDecoration="none"
          aria-label={`went differently: ${row.deviations.join('; ')}`}
        >
          !
        </Box>
      )}
      {row.station}
    </Cell>
  );
}

/** Steps that a thermometer ended somewhere, in the order they come. */
function watchedColumns(rows: readonly ResultRow[]): string[] {
  const ids = rows.flatMap((row) =>
    row.reached.filter((one) => one.celsius !== null).map((one) => one.stepId),
  );
  return [...new Set(ids)];
}

function StoppedCell({ reached, unit }: { reached: Reached | undefined; unit: 'C' | 'F' }) {
  const celsius = reached?.celsius ?? null;
  // More than a degree past its target.
  const off = celsius !== null && reached !== undefined && Math.abs(celsius - reached.targetC) > 1;
  return (
    <Cell color={off ? 'ember' : 'ink'} fontWeight={off ? 'bold' : 'normal'} whiteSpace="nowrap">
      {celsius === null ? '—' : formatTemperature(celsius, unit)}
    </Cell>
  );
}

/** Digits after the point, the same down a column: those of the instrument, one more for means, or three that tell of what is worked out. */
function digitsOf({ formula, smallestDivision }: Response, rows: readonly ResultRow[], column: number) {
  if (formula === '') {
    const means = rows.some((row) => (row.cells[column]?.values.length ?? 0) > 1);
    return smallestDivision === null ? undefined : decimalsOf(smallestDivision) + (means ? 1 : 0);
  }
  const most = Math.max(...rows.map((row) => Math.abs(row.cells[column]?.mean ?? 0)));
  return most > 0 ? Math.max(0, Math.min(6, 2 - Math.floor(Math.log10(most)))) : 0;
}

interface ValueCellProps {
  response: Response;
  cell: ResultCell;
  digits: number | undefined;
}

function ValueCell({ response, cell, digits }: ValueCellProps) {
  if (cell.photos.length > 0) return <Cell>{counted(cell.photos.length, 'photo')}</Cell>;
  if (cell.mean === null) {
    return <Cell color="soft">—</Cell>;
  }
  const repeats = cell.values.length;
  const corrected = cell.values.some((one) => one.corrected);
  return (
    <Cell
      title={[
        repeats > 1
          ? `mean of ${cell.values.map((one) => (one.piece === null ? '' : `piece ${one.piece}: `) + shownValue(response, one.value)).join(', ')}`
          : '',
        corrected ? 'corrected; the log has both' : '',
      ]
        .filter(Boolean)
        .join('; ')}
    >
      {shownValue(response, cell.mean, digits)}
      {corrected && (
        <Box as="sup" color="glass" fontWeight="bold" ml="0.5" aria-label="corrected">
          c
        </Box>
      )}
    </Cell>
  );
}
