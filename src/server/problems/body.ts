import type { Request } from 'express';
import { check } from '../../contract/check';
import type { ContractClass } from '../../contract/class-of';
import { refusedFields } from './problem';

/** The body of a request as a class of the contract, or a 422 that names each field. */
export function bodyOf<T>(type: ContractClass<T>, request: Request): T {
  const checked = check(type, request.body);
  if ('errors' in checked) throw refusedFields(checked.errors);
  return checked.value;
}
