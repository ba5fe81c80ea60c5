import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Class } from '../../contract/classes';
import { needIds, needName, needsShape, type Need, type NeedId } from '../../core/risk';
import { isFull } from '../../core/shape';
import { useSetNeeds } from '../api/queries';
import { withoutAt, withPatchAt } from '../ui/lists';
import { MoreButton, RemoveButton } from '../ui/line-tools';
import { FormDialog } from '../ui/FormDialog';

const look = {
  bg: 'sheet',
  borderWidth: '1px',
  borderColor: 'strongRule',
  borderRadius: '6px',
  px: '2.5',
  minH: '44px',
  '&[aria-invalid=true]': { borderColor: 'ember', borderWidth: '2px' },
} as const;
const Input = chakra('input', { base: look });
const Select = chakra('select', { base: look });

/** What is typed: a count is words until it is kept. */
type Typed = Omit<Need, 'count'> & { count: string };

const needOf = ({ count, ...rest }: Typed) => ({ ...rest, seats: rest.seats.trim(), count: Number(count) });

/** Counts that are none, or more than there are seats. */
const wrongCounts = (lines: readonly Typed[], students: number) =>
  lines
    .map(({ count }, at) => ({ at, count }))
    .filter(({ count }) => !/^\s*\d{1,3}\s*$/.test(count) || Number(count) < 1 || Number(count) > students);

/** What some of a class must not have, as counts or seat codes; no names. */
export function NeedsDialog({ group, onClose }: { group: Class; onClose(): void }) {
  const keep = useSetNeeds(group.id);
  const [lines, setLines] = useState<Typed[]>(() =>
    group.needs.map((need) => ({ ...need, count: String(need.count) })),
  );
  const [tried, setTried] = useState(false);
  const wrong = wrongCounts(lines, group.students);
  const change = (at: number, patch: Partial<Typed>) => setLines((was) => withPatchAt(was, at, patch));
  const save = async (event: { preventDefault(): void }) => {
    event.preventDefault();
    setTried(true);
    if (wrong.length > 0) return;
    await keep.mutateAsync({ needs: lines.map((line) => needOf(line)) });
    onClose();
  };
  const free = needIds.find((id) => !lines.some((line) => line.what === id));
  return (
    <FormDialog
      title={`What some of ${group.name} must not have`}
      keep="Keep it"
      failed={keep.error}
      onSave={save}
      onClose={onClose}
    >
      <Box color="soft">
        Counts or seat codes, never names. It stays in this program: no file and no sheet has it, unless you
        choose to print it.
      </Box>
      {lines.map((line, i) => (
        <Flex key={i} gap="2" align="center" role="group" wrap="wrap">
          <Select
            aria-label={`Need ${i + 1}`}
            value={line.what}
            onChange={(event) => change(i, { what: event.target.value as NeedId })}
          >
            {needIds
              .filter((id) => id === line.what || !lines.some((other) => other.what === id))
              .map((id) => (
                <option key={id} value={id}>
                  {needName(id)}
                </option>
              ))}
          </Select>
          <Input
            aria-label={`How many: ${needName(line.what)}`}
            inputMode="numeric"
            w="4.5rem"
            maxLength={3}
            value={line.count}
            aria-invalid={tried && wrong.some(({ at }) => at === i)}
            onChange={(event) => change(i, { count: event.target.value })}
          />
          <Input
            aria-label={`Seats: ${needName(line.what)}`}
            flex="1"
            minW="7rem"
            maxLength={80}
            placeholder="seats, such as 4, 11"
            value={line.seats}
            onChange={(event) => change(i, { seats: event.target.value })}
          />
          <RemoveButton what={needName(line.what)} onClick={() => setLines((was) => withoutAt(was, i))} />
        </Flex>
      ))}
      {free && !isFull(needsShape, lines) && (
        <Box>
          <MoreButton onClick={() => setLines((was) => [...was, { what: free, count: '1', seats: '' }])}>
            {lines.length === 0 ? 'add what must not be' : 'one more'}
          </MoreButton>
        </Box>
      )}
      {tried &&
        wrong.map(({ at, count }) => (
          <Box key={at} role="alert" color="ember" fontWeight="medium">
            How many is “{count}”; allowed: a whole number from 1 to {group.students}, the seats of the class
          </Box>
        ))}
    </FormDialog>
  );
}
