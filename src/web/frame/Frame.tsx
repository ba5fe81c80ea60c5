import { Box, Flex, Heading } from '@chakra-ui/react';
import { Keyboard, LibraryBig, Moon, Search, Sun, UserRound } from 'lucide-react';
import { memo, Suspense, useCallback, useEffect, useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link as RouterLink } from 'react-router';
import { partLater } from '../offline/part-later';
import { setLight, useLight } from '../theme/light';
import { IconButton } from '../ui/Button';
import { useShelf } from '../shelf/Shelf';
import { useWho } from '../who/use-who';
import { useGoAnywhere } from './GoAnywhere';
import type { KeyHelp } from './KeysHelp';

const WhoMenu = partLater(() => import('../who/WhoMenu').then((menu) => menu.WhoMenu));
const KeysHelp = partLater(() => import('./KeysHelp').then((help) => help.KeysHelp));

interface FrameProps {
  title: string;
  /** The title as a field, where it can be edited. */
  titleField?: ReactNode;
  /** A line under the title: class, room, day. */
  subtitle?: string;
  thread?: ReactNode;
  keys?: readonly KeyHelp[];
  /** The page fills the window and scrolls only inside: for boards that are read from afar. */
  fits?: boolean;
  children: ReactNode;
}

/** The frame around every page of the teacher: where we are, the thread, and the ways elsewhere. */
export function Frame({
  title,
  titleField,
  subtitle,
  thread,
  keys = [],
  fits = false,
  children,
}: FrameProps) {
  const [helping, setHelping] = useState(false);
  const onHelp = useCallback(() => setHelping(true), []);
  useEffect(() => {
    document.title = `${title} · Tawny Beaker`;
  }, [title]);
  // Another page begins at its top, wherever one was on the last.
  useEffect(() => {
    window.scrollTo(0, 0);
  }, []);
  useHotkeys('shift+slash', onHelp, { useKey: false });
  useHotkeys('?', onHelp, { useKey: true });
  return (
    <Flex direction="column" minH="100vh" h={fits ? { lg: '100vh' } : undefined}>
      <Head {...{ title, titleField, subtitle, thread }} onHelp={onHelp} />
      <Flex as="main" flex="1" direction="column" minH="0">
        {children}
      </Flex>
      {helping && (
        <Suspense fallback={null}>
          <KeysHelp
            open={helping}
            keys={keys}
            hasThread={thread !== undefined}
            onClose={() => setHelping(false)}
          />
        </Suspense>
      )}
    </Flex>
  );
}

interface HeadProps {
  title: string;
  titleField: ReactNode;
  subtitle: string | undefined;
  thread: ReactNode;
  onHelp(): void;
}

/** The head of a page. It stays as it is while a line of the page is typed. */
const Head = memo(function Head({ title, titleField, subtitle, thread, onHelp }: HeadProps) {
  return (
    <Flex
      as="header"
      className="no-print"
      bg="sheet"
      borderBottomWidth="1px"
      borderColor="rule"
      px={{ base: '4', md: '6' }}
      py="1"
      minH="58px"
      align="center"
      columnGap="5"
      flexWrap="wrap"
    >
      <Flex asChild align="center" minH="44px" flexShrink={0}>
        <RouterLink to="/" aria-label="Today" title="Today">
          <BeakerMark />
        </RouterLink>
      </Flex>
      <Box flex="1" minW="12rem">
        <Heading
          as="h1"
          fontFamily="heading"
          fontSize="xl"
          fontWeight="semibold"
          lineHeight="1.2"
          lineClamp={titleField ? undefined : 1}
        >
          {titleField ?? title}
        </Heading>
        {subtitle && (
          <Box fontSize="sm" color="soft" lineHeight="1.3">
            {subtitle}
          </Box>
        )}
      </Box>
      {thread}
      <Tools ml={thread ? '1' : 'auto'} onHelp={onHelp} />
    </Flex>
  );
});

/** The ways elsewhere, at the right of every page. */
function Tools({ ml, onHelp }: { ml: string; onHelp(): void }) {
  const light = useLight();
  const dark = light === 'dark';
  const tools = [
    {
      name: 'Shelf: tables and calculators',
      title: 'Shelf: tables and calculators (/, in a field Ctrl /)',
      icon: LibraryBig,
      act: useShelf(),
    },
    { name: 'Go anywhere', title: 'Go anywhere (Ctrl K)', icon: Search, act: useGoAnywhere() },
    { name: 'Keys of this screen', title: 'Keys (?)', icon: Keyboard, act: onHelp },
    {
      name: dark ? 'Light sheet' : 'Sheet for dim rooms',
      title: dark ? 'Light sheet' : 'For dim rooms',
      icon: dark ? Sun : Moon,
      act: () => setLight(dark ? 'light' : 'dark'),
    },
  ];
  return (
    <Flex gap="0.5" ml={ml}>
      <You />
      {tools.map(({ name, title, icon: Icon, act }) => (
        <IconButton
          key={name}
          aria-label={name}
          title={title}
          onClick={act}
          css={{ minW: '36px', minH: '44px' }}
        >
          <Icon size={18} />
        </IconButton>
      ))}
    </Flex>
  );
}

/** Who is signed in, where anyone need be. */
function You() {
  const { data: who } = useWho();
  const [asked, setAsked] = useState(false);
  if (!who?.teacher || who.open) return null;
  const { name } = who.teacher;
  return (
    <>
      <IconButton
        aria-label={`${name}: signed in`}
        title={name}
        onClick={() => setAsked(true)}
        css={{ minW: '36px', minH: '44px' }}
      >
        <UserRound size={18} />
      </IconButton>
      {asked && (
        <Suspense fallback={null}>
          <WhoMenu teacher={who.teacher} onClose={() => setAsked(false)} />
        </Suspense>
      )}
    </>
  );
}

function BeakerMark() {
  return (
    <Box asChild color="tawny">
      <svg width="26" height="26" viewBox="0 0 32 32" aria-hidden>
        <path
          d="M8 4v19a5 5 0 0 0 5 5h6a5 5 0 0 0 5-5V4"
          fill="none"
          stroke="var(--chakra-colors-ink)"
          strokeWidth="2.5"
          strokeLinecap="round"
        />
        <path d="M9.6 15h12.8v8a3.6 3.6 0 0 1-3.6 3.6h-5.6A3.6 3.6 0 0 1 9.6 23z" fill="currentColor" />
        <path d="M19 10h7" stroke="currentColor" strokeWidth="2.5" strokeLinecap="round" />
      </svg>
    </Box>
  );
}
