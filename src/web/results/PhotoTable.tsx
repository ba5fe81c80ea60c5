import { Box, chakra, Flex } from '@chakra-ui/react';
import { routes } from '../../contract/routes';
import type { PhotoSeries } from './use-results';

interface PhotoTableProps {
  series: PhotoSeries;
  colourOf(treatmentId: string): string;
}

/** Pictures of one thing side by side, a column for each treatment; each opens whole. */
export function PhotoTable({ series, colourOf }: PhotoTableProps) {
  const { response, groups } = series;
  return (
    <Box display="grid" gap="3" gridTemplateColumns={`repeat(${Math.min(groups.length, 6)}, minmax(0, 1fr))`}>
      {groups.map(({ id, label, photos }) => (
        <Box key={id} minW="0" role="group" aria-label={label}>
          <Box
            fontWeight="bold"
            pb="1"
            mb="2"
            borderBottomWidth="3px"
            lineHeight="1.25"
            style={{ borderColor: colourOf(id) }}
          >
            {label}
          </Box>
          <Flex wrap="wrap" gap="2.5">
            {photos.map(({ id: entry, picture, of }) => (
              <Box key={entry} flex="1 1 120px" maxW="200px" css={{ breakInside: 'avoid' }}>
                <a href={routes.picture(picture)} target="_blank" rel="noreferrer">
                  <chakra.img
                    src={routes.smallPicture(picture)}
                    alt={`${response.name}, ${label}, ${of}`}
                    w="100%"
                    aspectRatio="4 / 3"
                    objectFit="cover"
                    borderRadius="4px"
                    borderWidth="1px"
                    borderColor="rule"
                  />
                </a>
                <Box color="soft" fontSize="sm">
                  {of}
                </Box>
              </Box>
            ))}
          </Flex>
          {photos.length === 0 && <Box color="soft">—</Box>}
        </Box>
      ))}
    </Box>
  );
}
