import { Box, chakra, Heading } from '@chakra-ui/react';
import { useNavigate } from 'react-router';
import type { Practical } from '../../contract/practicals';
import { formatNumber } from '../../core/format';
import { withTrial, type Plan } from '../../core/practical';
import { useKeepRevision } from '../api/library-queries';
import { sayError } from '../api/request';
import { MainButton } from '../ui/Button';
import { newId } from '../ui/lists';
import { Notice } from '../ui/Notice';
import { end, keepTrial, type TrialNow } from './trial-clock';

interface TrialEndingProps {
  practical: Practical;
  trial: TrialNow;
  factor: number;
  treatment: string;
  onTrial(trial: TrialNow): void;
}

/** A note, and the minutes into the plan. */
export function TrialEnding({ practical, trial, factor, treatment, onTrial }: TrialEndingProps) {
  const navigate = useNavigate();
  const keep = useKeepRevision(practical.id);
  const timed = trial.running !== null || Object.keys(trial.took).length > 0;
  const put = async () => {
    const now = Date.now();
    const known = new Set(practical.plan.steps.map(({ id }) => id));
    const took = Object.entries(end(trial, now).took)
      .filter(([stepId]) => known.has(stepId))
      .map(([stepId, minutes]) => ({ stepId, minutes }));
    const whole = { id: newId(), at: now, treatment: treatment.slice(0, 120), took, note: trial.note };
    await keep.mutateAsync({ basedOn: practical.number, plan: withTrial(practical.plan, whole, factor) });
    keepTrial(practical.id, null);
    await navigate(`/practicals/${practical.id}/plan`);
  };
  return (
    <>
      <Box asChild fontSize="sm" color="soft">
        <label htmlFor="trial-note">What to do otherwise</label>
      </Box>
      <chakra.textarea
        id="trial-note"
        rows={4}
        maxLength={1000}
        value={trial.note}
        placeholder="the pan was too small, the syrup …"
        onChange={(event) => onTrial({ ...trial, note: event.target.value })}
        w="100%"
        bg="sheet"
        borderWidth="1px"
        borderColor="strongRule"
        borderRadius="6px"
        px="3"
        py="2"
      />
      <MainButton
        mt="3"
        disabled={!timed || keep.isPending}
        onClick={() => void put().catch(() => undefined)}
      >
        Put the minutes into the plan
      </MainButton>
      {!timed && (
        <Box color="soft" fontSize="sm" mt="1">
          No step was timed yet.
        </Box>
      )}
      {keep.error && (
        <Box mt="3">
          <Notice kind="stop">{sayError(keep.error)} What you timed is still here.</Notice>
        </Box>
      )}
    </>
  );
}

export function EarlierTrials({ plan }: { plan: Plan }) {
  if (plan.trials.length === 0) return null;
  return (
    <Box mt="7">
      <Heading as="h2" fontFamily="heading" fontSize="md" fontWeight="semibold" color="tawny">
        Tried before
      </Heading>
      {[...plan.trials].reverse().map(({ id, at, treatment, took, note }) => (
        <Box key={id} py="2" borderBottomWidth="1px" borderColor="rule">
          <b>
            {new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })}
          </b>
          {treatment && `, ${treatment}`}:{' '}
          {formatNumber(Number(took.reduce((sum, { minutes }) => sum + minutes, 0).toPrecision(2)))} min of
          steps
          {note && <Box color="soft">{note}</Box>}
        </Box>
      ))}
    </Box>
  );
}
