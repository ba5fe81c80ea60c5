import {
  Blend,
  Coffee,
  Droplets,
  Flame,
  Heater,
  Microwave,
  Refrigerator,
  Scale,
  Snowflake,
  SquareDashed,
  Thermometer,
  type LucideIcon,
} from 'lucide-react';
import type { EquipmentKind } from '../../core/room';

/** The sign of each kind of thing. */
export const thingIcons: Readonly<Record<EquipmentKind, LucideIcon>> = {
  station: SquareDashed,
  hob: Flame,
  oven: Heater,
  refrigerator: Refrigerator,
  freezer: Snowflake,
  microwave: Microwave,
  mixer: Blend,
  kettle: Coffee,
  sink: Droplets,
  balance: Scale,
  thermometer: Thermometer,
};

/** What stands beside the sign: the number in its name, else nothing. */
export const shortName = (name: string): string => /\d+\s*$/.exec(name)?.[0].trim() ?? '';
