import { Box, Flex } from '@chakra-ui/react';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { format } from 'date-fns';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { routes } from '../../contract/routes';
import { FreshPassphrase, NewTeacher, shortestPassphrase, type Teacher } from '../../contract/who';
import { sayError } from '../api/request';
import { v7 as uuid } from 'uuid';
import { MainButton, QuietButton, WordButton } from '../ui/Button';
import { FormDialog } from '../ui/FormDialog';
import { FormLine } from '../ui/FormLine';
import { Notice, Waiting } from '../ui/Notice';
import { PlainDialog } from '../ui/PlainDialog';
import { useTeacherChange, useTeachers, useWho } from './use-who';

/** The teachers of the school, for who administers. */
export function TeachersDialog({ onClose }: { onClose(): void }) {
  const { data: teachers, error } = useTeachers();
  const { data: who } = useWho();
  const change = useTeacherChange();
  const [adding, setAdding] = useState(false);
  const [helped, setHelped] = useState<Teacher | null>(null);
  return (
    <>
      <PlainDialog
        title="Teachers of this school"
        foot={
          <>
            <QuietButton onClick={onClose}>Done</QuietButton>
            <MainButton onClick={() => setAdding(true)}>Add a teacher</MainButton>
          </>
        }
        onClose={onClose}
      >
        {!teachers && <Waiting error={error} />}
        {teachers?.map((teacher) => (
          <TeacherLine
            key={teacher.id}
            teacher={teacher}
            self={teacher.id === who?.teacher?.id}
            onHelp={() => setHelped(teacher)}
            onEnd={() => change.mutate({ path: routes.teacherClose(teacher.id), body: {} })}
          />
        ))}
        {change.error && (
          <Box mt="3">
            <Notice kind="stop">{sayError(change.error)}</Notice>
          </Box>
        )}
      </PlainDialog>
      {adding && <AddTeacher onClose={() => setAdding(false)} />}
      {helped && <HelpTeacher teacher={helped} onClose={() => setHelped(null)} />}
    </>
  );
}

interface TeacherLineProps {
  teacher: Teacher;
  self: boolean;
  onHelp(): void;
  onEnd(): void;
}

function TeacherLine({ teacher, self, onHelp, onEnd }: TeacherLineProps) {
  const [sure, setSure] = useState(false);
  const { name, admin, lastSeen } = teacher;
  return (
    <Flex align="baseline" gap="3" py="2" borderBottomWidth="1px" borderColor="rule" wrap="wrap">
      <Box flex="1" minW="10rem">
        <Box fontWeight="semibold">
          {name}
          {self && ' (you)'}
        </Box>
        <Box color="soft" fontSize="sm">
          {[
            admin ? 'administers' : '',
            lastSeen ? `last here ${format(lastSeen, 'd MMM HH:mm')}` : 'not here yet',
          ]
            .filter(Boolean)
            .join(' · ')}
        </Box>
      </Box>
      {!self && !sure && (
        <>
          <WordButton aria-label={`Fresh passphrase for ${name}`} onClick={onHelp}>
            fresh passphrase
          </WordButton>
          <WordButton aria-label={`Let ${name} in no longer`} onClick={() => setSure(true)}>
            let in no longer
          </WordButton>
        </>
      )}
      {sure && (
        <>
          <Box fontSize="sm">What {name} wrote stays.</Box>
          <WordButton onClick={onEnd}>yes, close</WordButton>
          <WordButton onClick={() => setSure(false)}>no</WordButton>
        </>
      )}
    </Flex>
  );
}

function AddTeacher({ onClose }: { onClose(): void }) {
  const change = useTeacherChange();
  const { register, handleSubmit, formState } = useForm<NewTeacher>({
    resolver: classValidatorResolver(NewTeacher),
    defaultValues: { id: uuid(), name: '', passphrase: '', admin: false },
  });
  const { errors } = formState;
  const save = handleSubmit(async (body) => {
    await change.mutateAsync({ path: routes.teachers, body });
    onClose();
  });
  return (
    <FormDialog title="Another teacher" keep="Add" failed={change.error} onSave={save} onClose={onClose}>
      <FormLine label="Name" hint="As it is to stand on prints." error={errors.name} {...register('name')} />
      <FormLine
        label="Passphrase to begin with"
        hint={`${shortestPassphrase} letters or more. Tell it to them; they change it.`}
        error={errors.passphrase}
        {...register('passphrase')}
      />
      <FormLine
        label="Administers"
        options={[
          ['false', 'no'],
          ['true', 'yes: adds teachers and helps them in'],
        ]}
        {...register('admin', { setValueAs: (value: unknown) => value === 'true' || value === true })}
      />
    </FormDialog>
  );
}

function HelpTeacher({ teacher, onClose }: { teacher: Teacher; onClose(): void }) {
  const change = useTeacherChange();
  const { register, handleSubmit, formState } = useForm<InstanceType<typeof FreshPassphrase>>({
    resolver: classValidatorResolver(FreshPassphrase),
    defaultValues: { passphrase: '' },
  });
  const save = handleSubmit(async (body) => {
    await change.mutateAsync({ path: routes.teacherPassphrase(teacher.id), body });
    onClose();
  });
  return (
    <FormDialog
      title={`A fresh passphrase for ${teacher.name}`}
      keep="Set it"
      failed={change.error}
      onSave={save}
      onClose={onClose}
    >
      <FormLine
        label="Passphrase"
        hint="Tell it to them; they change it. Wherever they are signed in, they are signed out."
        error={formState.errors.passphrase}
        {...register('passphrase')}
      />
    </FormDialog>
  );
}
