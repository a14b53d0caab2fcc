import { rankWords, type ChangedFacts, type RankBy, type UnitSystem } from '@oddment/core';
import type { DefectFields } from '@oddment/contracts';
import type { Removable } from './api.ts';
import { usedAfter } from '../views/figureList.ts';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** What is changed on trial in Match or Method, without being kept. */
export interface WhatIf {
  readonly slabC?: number;
  readonly airC?: number;
  readonly humidityPct?: number;
  readonly people?: 1 | 2;
  /** the side of one question on which the trade differs */
  readonly schools?: Readonly<Record<string, string>>;
  /** figures of one system, by their path */
  readonly figures?: { readonly system: string; readonly values: Readonly<Record<string, number>> };
  /** what Match says would have to change */
  readonly facts?: ChangedFacts;
}

/** One thing to be done to undo what was done. */
export type UndoStep =
  | { readonly is: 'restore'; readonly entity: Removable; readonly id: string; readonly version: number; readonly name: string }
  /** a defect as it was filled in before */
  | { readonly is: 'edit'; readonly jobId: string; readonly id: string; readonly body: DefectFields }
  | {
      readonly is: 'place';
      readonly jobId: string;
      readonly id: string;
      readonly version: number;
      readonly areaId: string;
      readonly before?: string;
      readonly mark: string;
    };

/** Something done, in words, and how it is undone. */
export interface Undoable {
  readonly words: string;
  readonly steps: readonly UndoStep[];
}

export interface ViewState {
  /** set by the person; else the job's own */
  readonly units?: UnitSystem;
  readonly dark: boolean;
  readonly singleKeys: boolean;
  /** whether what may stay open is asked too */
  readonly allAsked: boolean;
  /** whether one is led through a first repair; not said yet: on the first job of a firm */
  readonly guide?: boolean;
  /** the quick figures that were opened last, the latest first */
  readonly figuresUsed: readonly string[];
  /** what candidates that fit alike are put in order by */
  readonly rankBy: RankBy;
  readonly whatIf: Readonly<Record<string, WhatIf>>;
  /** what was done last, where it can be undone */
  readonly undoable?: Undoable;
}

const memory = 'oddment-view';

function remembered(): ViewState {
  const plain: ViewState = {
    dark: globalThis.matchMedia('(prefers-color-scheme: dark)').matches,
    singleKeys: true,
    allAsked: false,
    rankBy: 'visits',
    figuresUsed: [],
    whatIf: {},
  };
  try {
    const { units, dark, singleKeys, allAsked, guide, rankBy, figuresUsed } = JSON.parse(localStorage.getItem(memory) ?? '{}') as Partial<ViewState>;
    return {
      ...plain,
      ...(units && { units }),
      ...(dark !== undefined && { dark }),
      ...(singleKeys !== undefined && { singleKeys }),
      ...(allAsked !== undefined && { allAsked }),
      ...(guide !== undefined && { guide }),
      ...(Array.isArray(figuresUsed) && { figuresUsed: figuresUsed.filter((id) => typeof id === 'string') }),
      ...(rankBy !== undefined && rankBy in rankWords && { rankBy }),
    };
  } catch {
    return plain;
  }
}

/** Keeps what the person set for the next visit. */
export function remember({ units, dark, singleKeys, allAsked, guide, rankBy, figuresUsed }: ViewState): void {
  localStorage.setItem(memory, JSON.stringify({ units, dark, singleKeys, allAsked, guide, rankBy, figuresUsed }));
}

export const viewSlice = createSlice({
  name: 'view',
  initialState: remembered,
  reducers: {
    unitsSet: (state, { payload }: PayloadAction<UnitSystem>) => {
      state.units = payload;
    },
    darkSet: (state, { payload }: PayloadAction<boolean>) => {
      state.dark = payload;
    },
    singleKeysSet: (state, { payload }: PayloadAction<boolean>) => {
      state.singleKeys = payload;
    },
    allAskedSet: (state, { payload }: PayloadAction<boolean>) => {
      state.allAsked = payload;
    },
    guideSet: (state, { payload }: PayloadAction<boolean>) => {
      state.guide = payload;
    },
    rankedBySet: (state, { payload }: PayloadAction<RankBy>) => {
      state.rankBy = payload;
    },
    figureUsed: (state, { payload: id }: PayloadAction<string>) => {
      state.figuresUsed = [...usedAfter(state.figuresUsed, id)];
    },
    tried: (state, { payload }: PayloadAction<{ id: string; what: WhatIf | undefined }>) => {
      if (payload.what) state.whatIf[payload.id] = payload.what;
      else state.whatIf = Object.fromEntries(Object.entries(state.whatIf).filter(([id]) => id !== payload.id));
    },
    undoableSet: (state, { payload }: PayloadAction<Undoable | undefined>) => {
      if (payload) state.undoable = payload as never;
      else delete state.undoable;
    },
  },
});

export const { unitsSet, darkSet, singleKeysSet, allAskedSet, guideSet, rankedBySet, figureUsed, tried, undoableSet } = viewSlice.actions;
