import { Box } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useState, type ReactNode } from 'react';
import { partLater } from '../offline/part-later';
import type { Who } from '../../contract/who';
import { onSignedOut, Unreachable } from '../api/request';
import { isListPage } from '../api/tablet-pages';
import { Waiting } from '../ui/Notice';
import { useWho } from './use-who';

const FirstStart = lazy(() => import('./SignIn').then((page) => ({ default: page.FirstStart })));
const SignInAgain = partLater(() => import('./SignInAgain').then((page) => page.SignInAgain));
const SignIn = lazy(() => import('./SignIn').then((page) => ({ default: page.SignIn })));

/**
 * Before the teacher’s pages: who is not signed in signs in here. A page that is open when a session ends stays as it is,
 * with what was typed into it, and the door stands over it.
 */
export function Door({ children }: { children: ReactNode }) {
  const client = useQueryClient();
  const { data: who, error, isLoadingError, failureReason } = useWho();
  useEffect(
    () =>
      onSignedOut(() => {
        client.setQueryData<Who>(['who'], (was) => was && { ...was, teacher: null });
      }),
    [client],
  );
  // Whether anyone was in on this page: then there is something under the door to keep.
  const [wasIn, setWasIn] = useState(false);
  if (who?.teacher && !wasIn) setWasIn(true);
  // A list shows what this device keeps of it, until the server says who is there.
  if (!who && failureReason instanceof Unreachable && isListPage(window.location.pathname)) return children;
  if (!who) return isLoadingError ? <Waiting error={error} /> : <Waiting />;
  if (who.teacher || wasIn) {
    return (
      <>
        {children}
        {!who.teacher && (
          <Suspense fallback={null}>
            <SignInAgain />
          </Suspense>
        )}
      </>
    );
  }
  return <Suspense fallback={<Waiting />}>{who.first ? <FirstStart /> : <Whole />}</Suspense>;
}

function Whole() {
  return (
    <Box as="main" maxW="460px" mx="auto" mt={{ base: '6', md: '20' }} px="6">
      <SignIn title="Sign in" />
    </Box>
  );
}
