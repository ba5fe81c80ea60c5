import type { HazardId } from '../safety';

/** What the teacher sees to, beside the caution for the student; and what usually remains then (common practice). */
export interface Control {
  control: string;
  /** 0 low, 1 medium, 2 high. */
  remains: 0 | 1 | 2;
  checkedBy: string;
}

export const controls: Readonly<Record<HazardId, Control>> = {
  'hot-sugar': {
    control:
      'Demonstrated first; one pan a station, tall and dry; long spoon; cold running water at hand; an adult within reach while it is above 100 °C.',
    remains: 1,
    checkedBy: 'teacher',
  },
  steam: {
    control: 'Lids and doors opened away from the face; shown first; gloves at each oven.',
    remains: 0,
    checkedBy: 'teacher',
  },
  'hot-liquid': {
    control:
      'Pans no more than half full; carried by one who is not hurried; drained over the sink; clear way to it.',
    remains: 0,
    checkedBy: 'teacher',
  },
  'hot-oil': {
    control:
      'Shallow oil only, thermometer in it, never above 180 °C; lid and fire blanket beside it; an adult stays.',
    remains: 1,
    checkedBy: 'teacher',
  },
  'hot-dish': {
    control:
      'Dry oven gloves, stands laid out before, “hot” is said; an adult takes trays out where the group needs it.',
    remains: 0,
    checkedBy: 'teacher',
  },
  knife: {
    control: 'Claw and bridge shown first; boards on damp cloths; knives counted out and in.',
    remains: 0,
    checkedBy: 'technician',
  },
  grater: {
    control: 'Box graters on a board; the last piece is not grated.',
    remains: 0,
    checkedBy: 'teacher',
  },
  'hot-acid': {
    control: 'Windows or hood open; faces away; eye-wash at hand.',
    remains: 0,
    checkedBy: 'technician',
  },
  glass: {
    control: 'Glass warmed before hot things; broken glass is for the adult, with pan and brush.',
    remains: 0,
    checkedBy: 'technician',
  },
  'glass-thermometer': {
    control: 'Spirit or digital ones; stand or clip, never a stirrer; broken ones reported at once.',
    remains: 0,
    checkedBy: 'technician',
  },
  'raw-egg': {
    control:
      'Eggs in date, whole shells; hands washed 20 s after; surface cleaned before anything ready to eat.',
    remains: 0,
    checkedBy: 'teacher',
  },
  'raw-meat': {
    control:
      'Kept at 5 °C or below until used; own boards and knives; probe cleaned between readings; core at the authority’s figure.',
    remains: 1,
    checkedBy: 'teacher',
  },
  'raw-flour': {
    control: 'No dough or batter is tasted; benches wiped wet; hands washed after.',
    remains: 0,
    checkedBy: 'teacher',
  },
  mixer: {
    control: 'Guards on, plugged in last, unplugged before hands go in; one operator; hair tied.',
    remains: 0,
    checkedBy: 'technician',
  },
  frozen: {
    control:
      'Dry gloves for metal from the freezer; solid carbon dioxide and liquid nitrogen handled by trained staff only.',
    remains: 0,
    checkedBy: 'technician',
  },
  flame: {
    control:
      'Hair and sleeves tied; nothing that burns within reach; gas taps known to all; extinguisher and blanket checked.',
    remains: 0,
    checkedBy: 'technician',
  },
  pressure: {
    control: 'Vessel checked and in date; an adult opens it, pressure let off first.',
    remains: 1,
    checkedBy: 'technician',
  },
  heavy: { control: 'Smaller lots, two people, clear floor.', remains: 0, checkedBy: 'teacher' },
  chilli: {
    control: 'Gloves; boards washed with soap; windows open when it is fried.',
    remains: 0,
    checkedBy: 'teacher',
  },
  caustic: {
    control: 'Safety sheet read; staff prepare and pour; goggles and gloves; eye-wash at hand.',
    remains: 1,
    checkedBy: 'technician',
  },
  'raw-beans': {
    control: 'Soaked, water thrown away, boiled hard for 10 minutes by staff; or tinned ones.',
    remains: 0,
    checkedBy: 'technician',
  },
  foraged: {
    control: 'Named for certain by a qualified person, in writing; otherwise bought.',
    remains: 1,
    checkedBy: 'teacher',
  },
};
