import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import type { Class } from '../../contract/classes';
import { listed } from '../../core/format';
import { judgeNeeds, needName, type Need, type NeedJudged } from '../../core/risk';
import type { Plan } from '../../core/practical';
import { useOnPacks } from '../api/prep-queries';
import { useClasses } from '../api/queries';
import { Waiting } from '../ui/Notice';
import { WordButton } from '../ui/Button';
import { NeedsDialog } from './NeedsDialog';

/** What the class of a run has declared, held against what the plan puts into the food. */
export function ClassNeeds({ classId, plan }: { classId: string; plan: Plan }) {
  const { data: classes } = useClasses();
  const [asked, setAsked] = useState(false);
  const group = classes?.find(({ id }) => id === classId);
  if (!group) return null;
  return (
    <Box mt="5">
      <Box fontWeight="semibold">
        What {group.name} must not have{' '}
        <WordButton
          fontSize="sm"
          css={{ fontWeight: 'medium', color: 'soft' }}
          onClick={() => setAsked(true)}
        >
          {group.needs.length === 0 ? 'say what' : 'change'}
        </WordButton>
      </Box>
      {group.needs.length === 0 ? (
        <Box color="soft">Nothing is declared. Ask before anyone tastes.</Box>
      ) : (
        <NeedLines group={group} plan={plan} />
      )}
      {asked && <NeedsDialog group={group} onClose={() => setAsked(false)} />}
    </Box>
  );
}

export function NeedLines({ group, plan }: { group: Pick<Class, 'needs'>; plan: Plan }) {
  const { onPacks, error } = useOnPacks();
  // Without what the packs say nothing is said: half an answer could be the wrong one.
  if (!onPacks) return <Waiting error={error ?? undefined} />;
  return (
    <Box as="ul" listStyleType="none">
      {judgeNeeds(plan, group.needs, onPacks).map((judged) => (
        <Box as="li" key={judged.need.what} py="0.5">
          <b>
            {needName(judged.need.what)}, {whom(judged.need)}:
          </b>{' '}
          <Box as="span" color={judged.verdict === 'yes' ? 'moss' : 'ember'} fontWeight="semibold">
            {verdictWords(judged)}
          </Box>
          {judged.instead.length > 0 && <span> Instead: {judged.instead.join('; ')}.</span>}
        </Box>
      ))}
    </Box>
  );
}

const whom = ({ count, seats }: Need) => (seats === '' ? String(count) : `${count} (seats ${seats})`);

/** A guess is never a yes. */
function verdictWords({ verdict, because }: NeedJudged): string {
  switch (verdict) {
    case 'yes':
      return 'by the table and the packs on record no ingredient has it; the labels decide.';
    case 'no':
      return `not this batch: ${listed(because)}.`;
    case 'cannot tell':
      return `cannot tell: read the label of ${listed(because)}.`;
  }
}
