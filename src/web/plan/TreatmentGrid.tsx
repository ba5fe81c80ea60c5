import { Box, chakra } from '@chakra-ui/react';
import { allTreatments, factorsWithLevels, levelLabel, levelsInOrder } from '../../core/practical';
import { usePlan } from './edit-context';
import { SeatRow } from './SeatRow';
import { seatsOf } from './seats';

const Head = chakra('th', {
  base: { fontWeight: 'semibold', fontSize: 'sm', px: '2', py: '1', color: 'soft', lineHeight: '1.2' },
});

/** Two factors: every treatment a cell with its stations; a touch leaves it out or takes it in. */
export function TreatmentGrid() {
  const { plan, edit } = usePlan();
  const [across, down] = factorsWithLevels(plan);
  if (!across || !down) return null;
  const seats = seatsOf(plan);
  const treatments = allTreatments(plan);
  return (
    <Box my="2" pl={{ base: 0, sm: '6.95rem' }} overflowX="auto">
      <chakra.table css={{ borderCollapse: 'collapse' }} aria-label="Treatments">
        <thead>
          <tr>
            <Head textAlign="right" fontWeight="normal">
              {down.name || 'second'} ↓ {across.name || 'first'} →
            </Head>
            {levelsInOrder(across).map((level) => (
              <Head key={level.id} scope="col">
                {levelLabel(plan, across, level)}
              </Head>
            ))}
          </tr>
        </thead>
        <tbody>
          {levelsInOrder(down).map((row) => (
            <tr key={row.id}>
              <Head scope="row" textAlign="right">
                {levelLabel(plan, down, row)}
              </Head>
              {levelsInOrder(across).map((column) => {
                const treatment = treatments.find(
                  (one) => one.levels[0] === column && one.levels[1] === row,
                )!;
                const out = plan.leftOut.includes(treatment.id);
                return (
                  <chakra.td key={column.id} p="0" borderWidth="1px" borderColor="rule">
                    <chakra.button
                      type="button"
                      aria-pressed={!out}
                      aria-label={`${treatment.label}: ${out ? 'left out' : `${seats.get(treatment.id) ?? 0} stations`}`}
                      title={out ? 'Take it in' : 'Leave it out'}
                      minW="92px"
                      minH="46px"
                      px="2"
                      py="1"
                      cursor="pointer"
                      bg={out ? 'paper' : treatment.control ? 'tawnyWash' : 'sheet'}
                      color={out ? 'soft' : 'ink'}
                      fontSize="sm"
                      onClick={() =>
                        edit(`treatment-${treatment.id}`, (was) => ({
                          ...was,
                          leftOut: out
                            ? was.leftOut.filter((id) => id !== treatment.id)
                            : [...was.leftOut, treatment.id],
                        }))
                      }
                    >
                      {out ? 'left out' : <SeatRow seats={seats.get(treatment.id) ?? 0} />}
                      {treatment.control && !out && (
                        <Box fontSize="xs" color="soft" fontWeight="semibold">
                          control
                        </Box>
                      )}
                    </chakra.button>
                  </chakra.td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </chakra.table>
    </Box>
  );
}
