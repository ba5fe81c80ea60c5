import { Box, chakra, Heading } from '@chakra-ui/react';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import type { FormEvent, ReactNode } from 'react';
import { useForm } from 'react-hook-form';
import { routes } from '../../contract/routes';
import { FirstTeacher, shortestPassphrase } from '../../contract/who';
import { sayError } from '../api/request';
import { MainButton } from '../ui/Button';
import { FormLine } from '../ui/FormLine';
import { Notice } from '../ui/Notice';
import { useDoor } from './use-who';

/** Name and passphrase. */
export function SignIn({ title, children }: { title: string; children?: ReactNode }) {
  const door = useDoor(routes.signIn);
  const { register, handleSubmit } = useForm({ defaultValues: { name: '', passphrase: '' } });
  return (
    <DoorForm
      title={title}
      about={children}
      keep="Sign in"
      door={door}
      onSubmit={handleSubmit((input) => door.mutateAsync(input))}
      below={
        <Box color="soft" fontSize="sm">
          At a station?{' '}
          <a href="/join" style={{ textDecoration: 'underline' }}>
            Join with the code on its label
          </a>
          . Forgotten your passphrase? Whoever administers gives you a fresh one; at the server itself{' '}
          <code>npm run passphrase</code> does.
        </Box>
      }
    >
      <FormLine label="Your name" autoFocus autoComplete="username" {...register('name')} />
      <FormLine
        label="Passphrase"
        type="password"
        autoComplete="current-password"
        {...register('passphrase')}
      />
    </DoorForm>
  );
}

/** The first start: who begins the school’s notebook shows by the code that they started the program. */
export function FirstStart() {
  const door = useDoor(routes.first);
  const { register, handleSubmit, formState } = useForm<InstanceType<typeof FirstTeacher>>({
    resolver: classValidatorResolver(FirstTeacher),
    defaultValues: { code: '', name: '', passphrase: '' },
  });
  const { errors } = formState;
  return (
    <Box as="main" maxW="520px" mx="auto" mt={{ base: '6', md: '16' }} px="6">
      <DoorForm
        title="The first teacher"
        about="You are setting up this school’s Tawny Beaker. You will administer it: add other teachers, and help them when they forget their passphrase."
        keep="Begin"
        door={door}
        onSubmit={handleSubmit((input) => door.mutateAsync(input))}
      >
        <FormLine
          label="Code"
          autoFocus
          hint="Eight letters and numbers in the window where the program was started."
          error={errors.code}
          {...register('code')}
        />
        <FormLine
          label="Your name"
          autoComplete="username"
          hint="As it is to stand on prints."
          error={errors.name}
          {...register('name')}
        />
        <FormLine
          label="Passphrase"
          type="password"
          autoComplete="new-password"
          hint={`${shortestPassphrase} letters or more; a few words you will remember. Blanks count.`}
          error={errors.passphrase}
          {...register('passphrase')}
        />
      </DoorForm>
    </Box>
  );
}

interface DoorFormProps {
  title: string;
  about?: ReactNode;
  /** What the button says. */
  keep: string;
  door: ReturnType<typeof useDoor>;
  onSubmit(event: FormEvent): Promise<unknown>;
  below?: ReactNode;
  children: ReactNode;
}

/** A form before the door: its fields, why one was not let in, and the button. */
function DoorForm({ title, about, keep, door, onSubmit, below, children }: DoorFormProps) {
  return (
    <chakra.form
      noValidate
      display="grid"
      gap="4"
      onSubmit={(event) => void onSubmit(event).catch(() => undefined)}
    >
      <Heading as="h1" fontFamily="heading" fontSize="2xl" fontWeight="semibold">
        {title}
      </Heading>
      {about && <Box color="soft">{about}</Box>}
      {children}
      {door.error && <Notice kind="stop">{sayError(door.error)} Nothing you typed is lost.</Notice>}
      <Box>
        <MainButton type="submit" disabled={door.isPending}>
          {keep}
        </MainButton>
      </Box>
      {below}
    </chakra.form>
  );
}
