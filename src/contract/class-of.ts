import { registerDecorator } from 'class-validator';
import { accepts, mayBeMissing, refusalsOf, type RecordSpec, type Shape } from '../core/shape';

/** A class of the contract: class-validator checks its instances by the shape it was made from. */
export type ContractClass<T> = (new () => T & object) & { readonly shape: Shape<T> & RecordSpec };

/**
 * The class-validator class of a shape: each property has one constraint, its shape, with the reason in its message.
 * Forms resolve against it, and `check` asks it at every door.
 */
export function classOf<T>(shape: Shape<T> & RecordSpec): ContractClass<T> {
  const made = class {
    static readonly shape = shape;
  };
  Object.defineProperty(made, 'name', { value: shape.name });
  for (const [property, field] of Object.entries(shape.fields)) {
    registerDecorator({
      name: 'shape',
      target: made,
      propertyName: property,
      validator: {
        validate: (value) => (value === undefined && mayBeMissing(field)) || accepts(field, value),
        defaultMessage: (args) => refusalsOf(field, args!.value)[0]!.allowed,
      },
    });
  }
  return made as unknown as ContractClass<T>;
}
