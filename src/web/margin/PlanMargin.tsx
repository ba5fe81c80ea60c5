import { Box, chakra } from '@chakra-ui/react';
import { memo, useMemo, type RefObject } from 'react';
import type { PlanRemark, Review } from '../../core/review';
import { Aside } from '../ui/Aside';
import { WordButton } from '../ui/Button';
import { RemarkCard } from './RemarkCard';
import { lineOf, useLevelTops } from './use-level-tops';

interface PlanMarginProps {
  review: Review;
  sheet: RefObject<HTMLElement | null>;
  onTake(remark: PlanRemark): void;
  onDismiss(remark: PlanRemark, reason: string): void;
  onRecall(remark: PlanRemark): void;
}

const besideOf = ({ at }: PlanRemark) => [...(at.item ? [`${at.section}:${at.item}`] : []), at.section];

/** The margin of a plan: each remark level with the line it is about. On narrow screens a list below the sheet. */
export const PlanMargin = memo(function PlanMargin({ review, sheet, ...does }: PlanMarginProps) {
  const { onTake, onDismiss, onRecall } = does;
  const items = useMemo(
    () => review.open.map((remark) => ({ id: remark.id, beside: besideOf(remark) })),
    [review],
  );
  const { tops, height, register } = useLevelTops(items, sheet);
  const point = (remark: PlanRemark, over: boolean) => {
    const line = lineOf(sheet.current, besideOf(remark));
    if (over) line?.setAttribute('data-pointed', '');
    else line?.removeAttribute('data-pointed');
  };
  return (
    <Aside name="Margin" px={{ base: '4', lg: '5' }} py="6">
      <Box position="relative" css={{ lg: { minHeight: `${height}px` } }}>
        {review.open.map((remark) => (
          <Box
            key={remark.id}
            ref={(card: HTMLDivElement | null) => register(remark.id, card)}
            position={{ base: 'static', lg: 'absolute' }}
            w="100%"
            borderBottomWidth="1px"
            borderColor="rule"
            css={{ transition: 'top 160ms' }}
            style={{ top: tops.get(remark.id) ?? 0 }}
          >
            <RemarkCard
              said={remark}
              action={remark.remedy && { label: remark.remedy.label, take: () => onTake(remark) }}
              onDismiss={(reason) => onDismiss(remark, reason)}
              onPoint={(over) => point(remark, over)}
            />
          </Box>
        ))}
        {review.open.length === 0 && (
          <Box color="soft" fontSize="sm">
            Nothing to remark. The margin speaks up when a colleague would.
          </Box>
        )}
      </Box>
      {review.dismissed.length > 0 && (
        <chakra.details mt="5" fontSize="sm" color="soft">
          <chakra.summary cursor="pointer">{review.dismissed.length} set aside</chakra.summary>
          {review.dismissed.map(({ remark, reason }) => (
            <Box key={remark.id} mt="2">
              <strong>{remark.what}</strong>: {reason}{' '}
              <WordButton fontSize="sm" onClick={() => onRecall(remark)}>
                bring back
              </WordButton>
            </Box>
          ))}
        </chakra.details>
      )}
    </Aside>
  );
});
