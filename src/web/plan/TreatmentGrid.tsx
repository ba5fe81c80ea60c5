import { Box, chakra } from '@chakra-ui/react';
import {
  allTreatments,
  factorsWithLevels,
  levelLabel,
  levelsInOrder,
  type Treatment,
} from '../../core/practical';
import { usePlan } from './edit-context';
import { SeatRow } from './SeatRow';
import { seatsOf } from './seats';

const Head = chakra('th', {
  base: { fontWeight: 'semibold', fontSize: 'sm', px: '2', py: '1', color: 'soft', lineHeight: '1.2' },
});

/** Two factors: every treatment a cell with its stations; a touch leaves it out or takes it in. */
export function TreatmentGrid() {
  const { plan } = usePlan();
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
                return (
                  <chakra.td key={column.id} p="0" borderWidth="1px" borderColor="rule">
                    <TreatmentCell treatment={treatment} seats={seats.get(treatment.id) ?? 0} />
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

/** A treatment with its stations; a touch leaves it out or takes it in. */
function TreatmentCell({ treatment, seats }: { treatment: Treatment; seats: number }) {
  const { plan, edit } = usePlan();
  const { id, label, control } = treatment;
  const out = plan.leftOut.includes(id);
  const turn = () =>
    edit(`treatment-${id}`, (was) => ({
      ...was,
      leftOut: out ? was.leftOut.filter((one) => one !== id) : [...was.leftOut, id],
    }));
  return (
    <chakra.button
      type="button"
      aria-pressed={!out}
      aria-label={`${label}: ${out ? 'left out' : `${seats} stations`}`}
      title={out ? 'Take it in' : 'Leave it out'}
      minW="92px"
      minH="46px"
      px="2"
      py="1"
      cursor="pointer"
      bg={out ? 'paper' : control ? 'tawnyWash' : 'sheet'}
      color={out ? 'soft' : 'ink'}
      fontSize="sm"
      onClick={turn}
    >
      {out ? 'left out' : <SeatRow seats={seats} />}
      {control && !out && (
        <Box fontSize="xs" color="soft" fontWeight="semibold">
          control
        </Box>
      )}
    </chakra.button>
  );
}
