import { Box, Flex } from '@chakra-ui/react';
import { changesBetween, type Plan } from '../../core/practical';
import { MainButton, QuietButton, WordButton } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { TakeOut } from './TakeOut';
import type { Keeping, KeeperState, PlanKeeper } from './plan-keeper';

const words: Record<Keeping['kind'], string> = {
  kept: 'Kept',
  keeping: 'Keeping …',
  waiting: 'Kept on this device; the server will have it as soon as it answers',
  refused: 'Not kept',
  stale: 'Changed in two places',
};

interface KeepingLineProps {
  state: KeeperState;
  keeper: PlanKeeper;
  onHistory(): void;
}

/** Where the plan stands, undo, and the way to its history. */
export function KeepingLine({ state, keeper, onHistory }: KeepingLineProps) {
  return (
    <Flex align="center" gap="4" fontSize="sm" color="soft" wrap="wrap" rowGap="1">
      <Box role="status" color={state.keeping.kind === 'kept' ? 'moss' : 'amberInk'} fontWeight="semibold">
        {words[state.keeping.kind]}
      </Box>
      <WordButton fontSize="sm" onClick={onHistory}>
        revision {state.revision}
      </WordButton>
      <TakeOut plan={state.plan} />
      {state.canUndo && (
        <WordButton fontSize="sm" title="Ctrl Z" onClick={() => keeper.undo()}>
          take the last change back
        </WordButton>
      )}
    </Flex>
  );
}

/** Said across the sheet when the plan could not be kept; else nothing. */
export function KeepingNotice({ state, keeper }: { state: KeeperState; keeper: PlanKeeper }) {
  const said = noticeOf(state, keeper);
  return said && <Box pt="4">{said}</Box>;
}

function noticeOf({ keeping, plan, trouble }: KeeperState, keeper: PlanKeeper) {
  if (keeping.kind === 'refused') {
    return <Notice kind="stop">This could not be kept: {keeping.why} What you typed is still here.</Notice>;
  }
  if (keeping.kind === 'stale') return <Elsewhere keeping={keeping} plan={plan} keeper={keeper} />;
  return trouble === null ? null : <Notice kind="stop">{trouble}</Notice>;
}

interface ElsewhereProps {
  keeping: Extract<Keeping, { kind: 'stale' }>;
  plan: Plan;
  keeper: PlanKeeper;
}

/** The plan was changed in another window as well: what differs, and with which to go on. */
function Elsewhere({ keeping, plan, keeper }: ElsewhereProps) {
  const differences = changesBetween(keeping.theirs.plan, plan);
  return (
    <Notice kind="stop">
      <strong>This plan was changed in another window.</strong> It is at revision {keeping.theirs.number}{' '}
      there. Nothing is lost: whichever you go on with, both stay in the history.
      <Box as="ul" pl="5" my="2" css={{ listStyleType: 'disc' }}>
        {differences.map(({ section, what }, i) => (
          <li key={i}>
            {section}: {what}
          </li>
        ))}
      </Box>
      <Flex gap="3" wrap="wrap">
        <MainButton onClick={() => keeper.keepMine()}>Go on with this one</MainButton>
        <QuietButton onClick={() => void keeper.takeTheirs()}>Go on with the other</QuietButton>
      </Flex>
      {keeping.why && (
        <Box mt="2" role="alert">
          That did not work: {keeping.why} Both versions are still here; try again.
        </Box>
      )}
    </Notice>
  );
}
