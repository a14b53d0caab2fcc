import type { JobFields } from '@oddment/contracts';
import type { Person } from '@oddment/core';

/** A crew as a form and the wire take it. */
export const crewFields = (crew: readonly Person[]): JobFields['crew'] => crew.map((p) => ({ ...p, skills: [...p.skills] }));
