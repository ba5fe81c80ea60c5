import { Box, chakra } from '@chakra-ui/react';
import { ChevronDown, ChevronRight, X } from 'lucide-react';
import { useState } from 'react';
import { IconButton, WordButton } from './Button';

/** Takes a line away; it shows when the line is pointed at or has the focus. */
export function RemoveButton({ what, onClick }: { what: string; onClick(): void }) {
  return (
    <IconButton
      type="button"
      aria-label={`Remove ${what}`}
      title="Remove (Ctrl Z brings it back)"
      onClick={onClick}
      alignSelf="center"
      css={{
        minW: '24px',
        minH: '24px',
        bg: 'sheet',
        opacity: 0,
        '[role=group]:hover &, [role=group]:focus-within &, &:focus-visible': { opacity: 1 },
        '@media (hover: none)': { opacity: 1 },
      }}
    >
      <X size={14} />
    </IconButton>
  );
}

/** Opens what does not fit a line; like removing, it shows when the line is pointed at. */
export function DetailsButton({ what, open, onClick }: { what: string; open: boolean; onClick(): void }) {
  const Icon = open ? ChevronDown : ChevronRight;
  return (
    <IconButton
      aria-label={`Details of ${what}`}
      aria-expanded={open}
      title="How it is taken, how well it repeats"
      onClick={onClick}
      alignSelf="center"
      css={{ minW: '24px', minH: '24px' }}
    >
      <Icon size={14} />
    </IconButton>
  );
}

/** Adds one more to a list of a step. */
export function MoreButton({ children, onClick }: { children: string; onClick(): void }) {
  return (
    <WordButton type="button" fontSize="sm" css={{ fontWeight: 'medium', color: 'soft' }} onClick={onClick}>
      {children}
    </WordButton>
  );
}

const Input = chakra('input', {
  base: {
    background: 'transparent',
    border: 'none',
    borderBottom: '1px dashed',
    borderBottomColor: 'rule',
    padding: '1px 0',
    fontSize: 'sm',
    fieldSizing: 'content',
    minWidth: '8ch',
    '&:focus': { outline: 'none', borderBottom: '1px solid', borderBottomColor: 'glass', bg: 'glassWash' },
    '&[aria-invalid=true]': { borderBottom: '2px solid', borderBottomColor: 'ember' },
  },
});

interface AddLineProps {
  label: string;
  placeholder: string;
  /** Longest line, characters. */
  most?: number;
  /** The list holds all it can: no open line. */
  full?: boolean;
  /** Adds the line, or answers why it cannot. */
  onAdd(text: string): string | void;
}

/** An open line at the end of a list: type, Enter, and it is one more. What is refused stays typed. */
export function AddLine({ label, placeholder, most = 120, full = false, onAdd }: AddLineProps) {
  const [text, setText] = useState('');
  const [error, setError] = useState<string | null>(null);
  if (full) return null;
  const add = () => {
    if (text.trim() === '') return;
    const refused = onAdd(text.trim());
    setError(refused ?? null);
    if (refused === undefined) setText('');
  };
  return (
    <Box as="span" display="inline-block" minW="0" maxW="100%">
      <Input
        aria-label={label}
        aria-invalid={error !== null}
        placeholder={`+ ${placeholder}`}
        maxLength={most}
        value={text}
        maxW="100%"
        onChange={(event) => {
          setText(event.target.value);
          setError(null);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            event.preventDefault();
            add();
          }
        }}
        onBlur={add}
      />
      {error && (
        <Box as="span" role="alert" display="block" color="ember" fontSize="sm" fontWeight="medium">
          {error}
        </Box>
      )}
    </Box>
  );
}
