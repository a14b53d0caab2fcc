import type { AreaFields, DefectFields, JobFields } from '@oddment/contracts';
import { crewToday } from '@oddment/core';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Entity } from './api.ts';

/** Something typed that the server does not have yet. It survives reload, refusal and a server that is down. */
export interface Draft {
  readonly entity: Entity;
  readonly id: string;
  readonly jobId: string;
  /** version it was made against; nothing for a record that is still to be made */
  readonly version?: number;
  readonly parentId?: string;
  readonly body: JobFields | AreaFields | DefectFields;
  /** id of this change: a repeat after a lost answer is recognized by it */
  readonly change: string;
  /** it was sent and not answered yet */
  readonly sent?: boolean;
  /** changes before this one whose answer was lost: any of them may have arrived */
  readonly unanswered?: readonly string[];
  readonly state: 'waiting' | 'sending' | 'refused' | 'offline' | 'conflict';
  readonly message?: string;
  /** with 'conflict': the version that stands now */
  readonly standing?: number;
}

export interface DraftsState {
  readonly drafts: Readonly<Record<string, Draft>>;
  /** text in fields that is not a measure yet, by field key */
  readonly texts: Readonly<Record<string, string>>;
  /** forms in progress, by what they are for */
  readonly forms: Readonly<Record<string, Readonly<Record<string, unknown>>>>;
}

/** A draft as an earlier version kept it, in the shape of today. */
const draftToday = (draft: Draft): Draft =>
  draft.entity === 'job' && !('crew' in draft.body)
    ? { ...draft, body: crewToday(draft.body as unknown as { people?: number }) as unknown as JobFields }
    : draft;

export const draftKey = (entity: Entity, id: string) => `${entity}:${id}`;

const initialState: DraftsState = { drafts: {}, texts: {}, forms: {} };

export const draftsSlice = createSlice({
  name: 'drafts',
  initialState,
  reducers: {
    // what was on its way when the page ended is sent again: the server knows a repeat by its change
    loaded: (_state, { payload }: PayloadAction<Partial<DraftsState>>) => ({
      ...initialState,
      ...payload,
      forms: Object.fromEntries(
        Object.entries(payload.forms ?? {}).map(([key, values]) => [key, 'people' in values ? crewToday(values as { people?: number }) : values]),
      ),
      drafts: Object.fromEntries(
        Object.entries(payload.drafts ?? {}).map(([key, draft]) => [
          key,
          draftToday(draft.state === 'sending' ? { ...draft, state: 'waiting' as const } : draft),
        ]),
      ),
    }),
    edited: (state, { payload }: PayloadAction<Omit<Draft, 'state'>>) => {
      const key = draftKey(payload.entity, payload.id);
      const before = state.drafts[key];
      const unanswered = [...(before?.unanswered ?? []), ...(before?.sent === true ? [before.change] : [])];
      // a record still to be made stays so, and a change keeps the version it began from
      state.drafts[key] = {
        ...payload,
        ...(before?.version !== undefined && { version: before.version }),
        ...(before?.parentId !== undefined && { parentId: before.parentId }),
        ...(unanswered.length > 0 && { unanswered }),
        state: before?.state === 'conflict' ? 'conflict' : 'waiting',
        ...(before?.state === 'conflict' && before.standing !== undefined && { standing: before.standing }),
      } as never;
    },
    sending: (state, { payload: key }: PayloadAction<string>) => {
      const draft = state.drafts[key];
      if (!draft) return;
      draft.state = 'sending';
      draft.sent = true;
    },
    kept: (state, { payload }: PayloadAction<{ key: string; change: string; version: number }>) => {
      const draft = state.drafts[payload.key];
      if (!draft) return;
      if (draft.change === payload.change) state.drafts = Object.fromEntries(Object.entries(state.drafts).filter(([key]) => key !== payload.key));
      else {
        // edited on while it was sent: the rest goes against the new version
        draft.version = payload.version;
        delete draft.parentId;
        delete draft.unanswered;
        draft.state = 'waiting';
      }
    },
    failed: (
      state,
      { payload }: PayloadAction<{ key: string; change: string; state: 'refused' | 'offline' | 'conflict'; message: string; standing?: number }>,
    ) => {
      const draft = state.drafts[payload.key];
      if (!draft || draft.change !== payload.change) {
        if (draft?.state === 'sending') draft.state = 'waiting';
        return;
      }
      draft.state = payload.state;
      draft.message = payload.message;
      if (payload.standing !== undefined) draft.standing = payload.standing;
    },
    mineAgain: (state, { payload }: PayloadAction<{ key: string; change: string }>) => {
      const draft = state.drafts[payload.key];
      if (draft?.standing === undefined) return;
      draft.version = draft.standing;
      draft.change = payload.change;
      draft.state = 'waiting';
      delete draft.standing;
    },
    dropped: (state, { payload: key }: PayloadAction<string>) => {
      state.drafts = Object.fromEntries(Object.entries(state.drafts).filter(([k]) => k !== key));
      const id = key.slice(key.indexOf(':') + 1);
      state.texts = Object.fromEntries(Object.entries(state.texts).filter(([k]) => !k.startsWith(`${id}/`)));
    },
    formKept: (state, { payload }: PayloadAction<{ key: string; values: Readonly<Record<string, unknown>> }>) => {
      state.forms[payload.key] = payload.values;
    },
    formDone: (state, { payload: key }: PayloadAction<string>) => {
      state.forms = Object.fromEntries(Object.entries(state.forms).filter(([k]) => k !== key));
    },
    typed: (state, { payload }: PayloadAction<{ key: string; text: string | undefined }>) => {
      if (payload.text === undefined) state.texts = Object.fromEntries(Object.entries(state.texts).filter(([k]) => k !== payload.key));
      else state.texts[payload.key] = payload.text;
    },
  },
});

export const { edited, typed, dropped, mineAgain, formKept, formDone } = draftsSlice.actions;
