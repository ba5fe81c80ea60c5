import { Box, chakra } from '@chakra-ui/react';
import { formatNumber } from '../../core/format';
import { gramsWords } from '../../core/practical';
import type { AsMade } from '../../core/run';

interface AsMadeTableProps {
  stations: readonly { station: number; label: string; made: AsMade }[];
}

/** Batches as they were really weighed, beside what was planned: what a point that stands apart may come from. */
export function AsMadeTable({ stations }: AsMadeTableProps) {
  const names = [
    ...new Map(
      stations.flatMap(({ made }) => made.lines.map((line) => [line.ingredientId, line.name])),
    ).entries(),
  ];
  const weighed = names.filter(([id]) =>
    stations.some(({ made }) => made.lines.some((line) => line.ingredientId === id && line.grams !== null)),
  );
  return (
    <Box overflowX="auto">
      <chakra.table
        fontSize="sm"
        css={{ borderCollapse: 'collapse', '& td, & th': { padding: '3px 14px 3px 0', textAlign: 'left' } }}
      >
        <thead>
          <Box as="tr" borderBottomWidth="1.5px" borderColor="strongRule" color="soft">
            <th scope="col">station</th>
            {weighed.map(([id, name]) => (
              <th key={id} scope="col">
                {name}
              </th>
            ))}
          </Box>
        </thead>
        <tbody>
          {stations.map(({ station, label, made }) => (
            <Box as="tr" key={station} borderBottomWidth="1px" borderColor="rule">
              <th scope="row">
                {station}{' '}
                <Box as="span" color="soft" fontWeight="normal">
                  {label}
                </Box>
              </th>
              {weighed.map(([id]) => {
                const line = made.lines.find((one) => one.ingredientId === id);
                const grams = line?.grams ?? null;
                const rank = line?.verdict?.rank ?? 'fine';
                return (
                  <Box
                    as="td"
                    key={id}
                    title={rank === 'fine' ? undefined : line!.verdict!.words}
                    color={rank === 'check' ? 'ember' : rank === 'note' ? 'amberInk' : undefined}
                    fontWeight={rank === 'check' ? 'bold' : undefined}
                  >
                    {grams === null ? '–' : gramsWords(grams)}
                    {grams !== null && rank !== 'fine' && ` for ${gramsWords(line?.wantedG ?? 0)}`}
                    {line && line.share !== null && (
                      <Box as="span" color="soft">
                        {' '}
                        {formatNumber(line.share, 1)} %
                      </Box>
                    )}
                  </Box>
                );
              })}
            </Box>
          ))}
        </tbody>
      </chakra.table>
    </Box>
  );
}
