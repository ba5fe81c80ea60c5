import { chakra, Dialog, Flex, Portal } from '@chakra-ui/react';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useForm } from 'react-hook-form';
import { NewClass } from '../../contract/classes';
import { useAddClass } from '../api/queries';
import { sayError } from '../api/request';
import { newId } from '../plan/lists';
import { MainButton, QuietButton } from '../ui/Button';
import { parseNumber } from '../ui/fields';
import { FormLine } from '../ui/FormLine';
import { Notice } from '../ui/Notice';

/** A class: a name, a number of seats, and what it reads. No names of students. */
export function NewClassForm({ onClose }: { onClose(): void }) {
  const add = useAddClass();
  const { register, handleSubmit, formState } = useForm<NewClass>({
    resolver: classValidatorResolver(NewClass),
    defaultValues: { id: newId(), name: '', students: 20, unit: 'C' },
  });
  const { errors } = formState;
  const save = handleSubmit(async (input) => {
    await add.mutateAsync(input);
    onClose();
  });
  return (
    <Dialog.Root open onOpenChange={(details) => !details.open && onClose()}>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="raised">
            <chakra.form noValidate onSubmit={(event) => void save(event).catch(() => undefined)}>
              <Dialog.Header>
                <Dialog.Title fontFamily="heading">Another class</Dialog.Title>
              </Dialog.Header>
              <Dialog.Body display="grid" gap="3">
                <FormLine label="Name" placeholder="9B" error={errors.name} {...register('name')} />
                <FormLine
                  label="Students"
                  inputMode="numeric"
                  hint="Seats only; no names are kept."
                  error={errors.students}
                  {...register('students', {
                    setValueAs: (text: unknown) =>
                      typeof text === 'string' ? (parseNumber(text) ?? text) : text,
                  })}
                />
                <FormLine
                  label="Reads temperatures in"
                  error={errors.unit}
                  options={[
                    ['C', '°C'],
                    ['F', '°F'],
                  ]}
                  {...register('unit')}
                />
                {add.error && <Notice kind="stop">{sayError(add.error)}</Notice>}
              </Dialog.Body>
              <Dialog.Footer>
                <Flex gap="3">
                  <QuietButton type="button" onClick={onClose}>
                    Leave it
                  </QuietButton>
                  <MainButton type="submit">Keep the class</MainButton>
                </Flex>
              </Dialog.Footer>
            </chakra.form>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
