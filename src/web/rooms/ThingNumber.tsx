import type { ReactNode } from 'react';
import type { Place } from '../../core/practical';
import { equipmentShape, type Equipment, type EquipmentKind } from '../../core/room';
import { range, type Shape } from '../../core/shape';
import { NumberField } from '../ui/fields';

/** One thing of a room, and how it is changed. */
export interface ThingProps<K extends EquipmentKind = EquipmentKind> {
  one: Extract<Equipment, { kind: K }>;
  onChange(patch: Partial<Extract<Equipment, { kind: K }>>): void;
}

/** The same with the room it is in. */
export interface ThingInPlace<K extends EquipmentKind = EquipmentKind> extends ThingProps<K> {
  place: Place;
}

type Numbers<T> = { [F in keyof T]: T[F] extends number | null ? F : never }[keyof T] & string;

interface ThingNumberProps<E extends Equipment> {
  one: E;
  of: Numbers<E>;
  label: string;
  unit?: string;
  chars?: number;
  mayBeEmpty?: boolean;
  onValue(value: number | null): void;
}

/** What a field of a thing may be. */
export const fieldOf = (kind: EquipmentKind, field: string) => equipmentShape.variants[kind]!.fields[field]!;

/** A number that is known of a thing, within what its shape allows. */
export function ThingNumber<E extends Equipment>({
  one,
  of,
  mayBeEmpty = false,
  ...props
}: ThingNumberProps<E>): ReactNode {
  return (
    <NumberField
      chars={1}
      {...props}
      {...range(fieldOf(one.kind, of) as Shape<number | null>)}
      {...(mayBeEmpty && { mayBeEmpty, placeholder: '–' })}
      value={one[of] as number | null}
    />
  );
}
