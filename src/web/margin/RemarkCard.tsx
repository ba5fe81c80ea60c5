import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState, type Ref } from 'react';
import type { Remark } from '../../core/remark';
import { WordButton } from '../ui/Button';
import { RankMark, rankColours, rankWords } from '../ui/RankMark';
import { WorkingPopover } from '../ui/WorkingPopover';

interface RemarkCardProps {
  said: Remark;
  /** One click that helps. */
  action?: { label: string; take(): void } | undefined;
  /** Sets it aside, with a reason. */
  onDismiss?(reason: string): void;
  onPoint?(over: boolean): void;
  ref?: Ref<HTMLDivElement>;
}

/** A remark: what, why, what to do; it opens to its working. */
export function RemarkCard({ said, action, onDismiss, onPoint, ref }: RemarkCardProps) {
  const [dismissing, setDismissing] = useState(false);
  return (
    <Flex
      ref={ref}
      role="note"
      aria-label={said.what}
      gap="3"
      py="2"
      onMouseEnter={() => onPoint?.(true)}
      onMouseLeave={() => onPoint?.(false)}
    >
      <RankMark rank={said.rank} />
      <Box minW="0" flex="1">
        <Box fontWeight="bold" lineHeight="1.25">
          {said.what}
        </Box>
        <Box fontSize="sm" mt="0.5" lineHeight="1.4">
          <Box as="span" fontWeight="bold" color={rankColours[said.rank]}>
            {rankWords[said.rank]}
          </Box>{' '}
          {said.why}
        </Box>
        <Flex gap="3.5" mt="0.5" fontSize="sm" wrap="wrap" rowGap="0">
          {action && <WordButton onClick={action.take}>{action.label}</WordButton>}
          <WorkingPopover working={said.working} title={said.what}>
            <WordButton css={{ fontWeight: 'medium', color: 'soft' }}>working</WordButton>
          </WorkingPopover>
          {onDismiss && (
            <WordButton
              css={{ fontWeight: 'medium', color: 'soft' }}
              onClick={() => setDismissing(!dismissing)}
            >
              set aside
            </WordButton>
          )}
        </Flex>
        {dismissing && onDismiss && (
          <DismissForm onDismiss={onDismiss} onCancel={() => setDismissing(false)} />
        )}
      </Box>
    </Flex>
  );
}

function DismissForm({ onDismiss, onCancel }: { onDismiss(reason: string): void; onCancel(): void }) {
  const [reason, setReason] = useState('');
  return (
    <chakra.form
      mt="1.5"
      display="flex"
      gap="2"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim() !== '') onDismiss(reason.trim());
      }}
    >
      <chakra.input
        autoFocus
        aria-label="Reason for setting it aside"
        placeholder="because …"
        value={reason}
        maxLength={300}
        onChange={(event) => setReason(event.target.value)}
        onKeyDown={(event) => event.key === 'Escape' && onCancel()}
        flex="1"
        minW="0"
        bg="sheet"
        borderWidth="1px"
        borderColor="strongRule"
        borderRadius="4px"
        px="2"
        minH="32px"
        fontSize="sm"
      />
      <WordButton type="submit" disabled={reason.trim() === ''} fontSize="sm">
        keep
      </WordButton>
    </chakra.form>
  );
}
