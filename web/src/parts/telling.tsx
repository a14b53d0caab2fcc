import type { Telling } from '@oddment/core';
import { createContext, useContext } from 'react';

/** Units, site time and day in which everything below is shown. */
const TellingContext = createContext<Telling>({ units: 'metric', timeZone: 'UTC' });

export const TellingProvider = TellingContext.Provider;
export const useTelling = () => useContext(TellingContext);
