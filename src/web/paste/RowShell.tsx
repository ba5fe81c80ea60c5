import { Box, chakra } from '@chakra-ui/react';
import { useRef, useState, type KeyboardEvent, type ReactNode } from 'react';

const Row = chakra('div', {
  base: {
    display: 'grid',
    columnGap: '3',
    alignItems: 'baseline',
    py: '1.5',
    px: '2',
    mx: '-2',
    borderBottomWidth: '1px',
    borderColor: 'rule',
    cursor: 'text',
    _hover: { bg: 'paper' },
    _focusVisible: { outline: '2px solid', outlineColor: 'glass', outlineOffset: '-2px' },
    '&[data-doubt=contradicts]': { bg: 'emberWash' },
  },
});

interface RowShellProps {
  id: string;
  label: string;
  columns: string;
  /** The words that are typed over. */
  typed: string;
  doubt: 'unsure' | 'contradicts' | null;
  most: number;
  onAccept?: (() => void) | undefined;
  onType(typed: string): void;
  children: ReactNode;
}

/**
 * A line of what was understood. Tab stops at those with a doubt, arrows go from line to line, Enter takes one as shown, and
 * typing changes it.
 */
export function RowShell({
  id,
  label,
  columns,
  typed,
  doubt,
  most,
  onAccept,
  onType,
  children,
}: RowShellProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const row = useRef<HTMLDivElement>(null);
  const close = (text: string | null) => {
    if (text !== null && text !== typed) onType(text);
    setDraft(null);
    requestAnimationFrame(() => row.current?.focus());
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.target !== event.currentTarget) return;
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      neighbour(event.currentTarget, event.key === 'ArrowDown' ? 1 : -1)?.focus();
    } else if (event.key === 'Enter') {
      event.preventDefault();
      onAccept?.();
      nextDoubt(event.currentTarget)?.focus();
    } else if (event.key === 'F2') setDraft(typed);
    else if (event.key === 'Delete') onType('');
    else if (
      event.key.length === 1 &&
      !event.ctrlKey &&
      !event.metaKey &&
      !event.altKey &&
      event.key !== ' '
    ) {
      event.preventDefault();
      setDraft(event.key);
    }
  };
  if (draft !== null) {
    return (
      <Box py="1" borderBottomWidth="1px" borderColor="rule" ref={row} tabIndex={-1} id={id}>
        <Retyped label={label} draft={draft} typed={typed} most={most} onDraft={setDraft} onClose={close} />
      </Box>
    );
  }
  return (
    <Row
      ref={row}
      id={id}
      role="button"
      aria-label={label}
      tabIndex={doubt ? 0 : -1}
      data-row=""
      data-doubt={doubt ?? undefined}
      style={{ gridTemplateColumns: columns }}
      onClick={() => setDraft(typed)}
      onKeyDown={onKeyDown}
    >
      {children}
    </Row>
  );
}

interface RetypedProps {
  label: string;
  draft: string;
  typed: string;
  most: number;
  onDraft(draft: string): void;
  onClose(text: string | null): void;
}

/** A line as it is typed anew, with what it was. */
function Retyped({ label, draft, typed, most, onDraft, onClose }: RetypedProps) {
  return (
    <>
      <chakra.input
        autoFocus
        aria-label={`${label}: in other words`}
        value={draft}
        maxLength={most}
        onChange={(event) => onDraft(event.target.value)}
        onBlur={() => onClose(draft)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') onClose(draft);
          if (event.key === 'Escape') onClose(null);
        }}
        w="100%"
        bg="glassWash"
        borderBottomWidth="1px"
        borderColor="glass"
        px="2"
        minH="32px"
      />
      <Box fontSize="sm" color="soft" px="2">
        was: {typed}
      </Box>
    </>
  );
}

const rows = () => [...document.querySelectorAll<HTMLElement>('[data-row]')];

function neighbour(from: EventTarget & Element, step: number): HTMLElement | undefined {
  const all = rows();
  return all[all.indexOf(from as HTMLElement) + step];
}

const nextDoubt = (from: Element): HTMLElement | undefined => {
  const all = rows();
  return all.slice(all.indexOf(from as HTMLElement) + 1).find((one) => one.dataset.doubt !== undefined);
};
