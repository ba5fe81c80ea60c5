import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { addDays, startOfDay } from 'date-fns';
import { useState, type FormEvent } from 'react';
import { routes } from '../../contract/routes';
import type { Budget, BudgetWanted, School } from '../../contract/school';
import { useSchool } from '../api/queries';
import { request } from '../api/request';
import { NumberField } from '../ui/fields';
import { FormDialog } from '../ui/FormDialog';
import { DayField } from './DayField';

/** A term where nobody has said how long it is, days. */
const usualTermDays = 13 * 7;

interface BudgetDialogProps {
  className: string;
  /** A moment of the term it is for. */
  at: number;
  onClose(): void;
}

/** What a class may cost, and from when to when; an empty amount takes it away. */
export function BudgetDialog(props: BudgetDialogProps) {
  const { data: school } = useSchool();
  // Before what is set is known, an empty field would take it away.
  return school ? <BudgetForm {...props} budgets={school.budgets} /> : null;
}

function BudgetForm({ className, at, budgets, onClose }: BudgetDialogProps & { budgets: readonly Budget[] }) {
  const known = budgets.find((one) => one.className === className && one.from <= at && at < one.to);
  const day = startOfDay(at).getTime();
  const [amount, setAmount] = useState(known?.amount ?? null);
  const [from, setFrom] = useState(known?.from ?? day);
  const [to, setTo] = useState(known?.to ?? addDays(day, usualTermDays).getTime());
  const client = useQueryClient();
  const set = useMutation({
    mutationFn: (budget: BudgetWanted) =>
      request<School>(routes.budgets, { method: 'PUT', body: { budget } }),
    onSuccess: (now) => {
      client.setQueryData(['school'], now);
      return client.invalidateQueries({ queryKey: ['order'] });
    },
  });
  const save = async (event: FormEvent) => {
    event.preventDefault();
    await set.mutateAsync({ className, amount, from, to });
    onClose();
  };
  return (
    <FormDialog
      title={`What ${className} may cost in its term`}
      keep="Keep it"
      failed={set.error}
      onSave={save}
      onClose={onClose}
    >
      <Flex align="center" gap="2">
        <span>Up to</span>
        <NumberField
          label="Amount"
          value={amount}
          low={0.01}
          high={1_000_000}
          mayBeEmpty
          chars={8}
          placeholder="no limit"
          onValue={setAmount}
        />
        <Box color="soft">in the school’s money, for ingredients used</Box>
      </Flex>
      <Flex gap="4" wrap="wrap">
        <DayField label="from" at={from} onAt={setFrom} />
        <DayField
          label="up to and with"
          at={addDays(to, -1).getTime()}
          onAt={(last) => setTo(addDays(last, 1).getTime())}
        />
      </Flex>
    </FormDialog>
  );
}
