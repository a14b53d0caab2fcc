import type { FieldValues, Resolver } from 'react-hook-form';

type Contracts = typeof import('@oddment/contracts');

const contracts = () => import('@oddment/contracts');
const checking = () => import('@hookform/resolvers/class-validator');

/** Loads what checks forms while the page has nothing else to do: it is not needed to see one. */
export function preloadChecks(): void {
  setTimeout(() => {
    void Promise.all([contracts(), checking()]).catch(() => undefined);
  }, 1500);
}

/** Checks a form against a contract class, which is loaded when it is first needed. */
export function contractResolver<T extends FieldValues>(pick: (all: Contracts) => new () => T): Resolver<T> {
  return async (values, context, options) => {
    const [all, { classValidatorResolver }] = await Promise.all([contracts(), checking()]);
    return classValidatorResolver(pick(all))(values, context, options);
  };
}
