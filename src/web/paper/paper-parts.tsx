import { Box, chakra, Heading } from '@chakra-ui/react';
import type { ReactNode } from 'react';

const Cell = chakra('td', { base: { borderWidth: '1px', borderColor: 'strongRule', h: '7mm', px: '2mm' } });
const Head = chakra('th', {
  base: {
    borderWidth: '1px',
    borderColor: 'strongRule',
    px: '2mm',
    py: '1mm',
    fontSize: '9.5pt',
    fontWeight: 'semibold',
    textAlign: 'left',
    bg: '#F6EFE2',
  },
});

/** A line to write on, inside a sentence. */
export const Blank = ({ width }: { width: string }) => (
  <Box as="span" display="inline-block" borderBottomWidth="1px" borderColor="ink" style={{ width }} />
);

/** Lines to write on. */
export function Lines({ count }: { count: number }) {
  return (
    <>
      {Array.from({ length: count }, (_, i) => (
        <Box key={i} borderBottomWidth="1px" borderColor="strongRule" h="7mm" />
      ))}
    </>
  );
}

interface GridProps {
  heads: readonly string[];
  rows: number;
  firsts?: readonly string[];
  tall?: boolean;
  /** The first column holds names; the others are as wide as each other. */
  named?: boolean;
}

/** An empty table. */
export function Grid({ heads, rows, firsts = [], tall = false, named = false }: GridProps) {
  return (
    <chakra.table
      w="100%"
      css={{ borderCollapse: 'collapse', tableLayout: firsts.length > 0 && !named ? 'auto' : 'fixed' }}
    >
      <thead>
        <tr>
          {heads.map((head, i) => (
            <Head key={i} css={named && i === 0 ? { width: '24%' } : {}}>
              {head}
            </Head>
          ))}
        </tr>
      </thead>
      <tbody>
        {Array.from({ length: rows }, (_, row) => (
          <tr key={row}>
            {heads.map((_, i) => (
              <Cell key={i} css={tall ? { height: '16mm' } : {}}>
                {i === 0 ? firsts[row] : ''}
              </Cell>
            ))}
          </tr>
        ))}
      </tbody>
    </chakra.table>
  );
}

interface PartProps {
  name: string;
  /** Not parted by the end of a page. */
  whole?: boolean;
  children: ReactNode;
}

/** A part of a sheet with its name. */
export function Part({ name, whole = false, children }: PartProps) {
  return (
    <Box mt="4mm" css={whole ? { breakInside: 'avoid' } : {}}>
      <Heading as="h3" fontFamily="heading" fontSize="11.5pt" fontWeight="semibold" color="tawny" mb="1mm">
        {name}
      </Heading>
      {children}
    </Box>
  );
}
