import { Box, type BoxProps } from '@chakra-ui/react';

interface AsideProps extends Omit<BoxProps, 'as' | 'w' | 'width'> {
  /** What it is, for who cannot see it. */
  name: string;
  /** Beside the page, px; on narrow screens it is below. */
  wide?: number;
}

/** What stands beside a page, ruled off from it. */
export function Aside({ name, wide = 312, ...rest }: AsideProps) {
  return (
    <Box
      as="aside"
      aria-label={name}
      w={{ base: '100%', lg: `${wide}px` }}
      flexShrink={0}
      borderLeftWidth={{ lg: '1px' }}
      borderColor="rule"
      {...rest}
    />
  );
}
