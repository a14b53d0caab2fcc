import type { AreaFields, ChangedBy, DefectFields, JobFields } from '@oddment/contracts';
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
  /** with 'conflict': the version that stands now, what it says, and who changed it last */
  readonly standing?: number;
  readonly theirs?: unknown;
  readonly by?: ChangedBy;
  /** what the record said when the person began to change it */
  readonly from?: unknown;
  /** left by another page of this browser for a record that this one changes too: it is sent after, and not shown over it */
  readonly aside?: boolean;
}

/** Something done that the server does not know of yet: begun, done, deleted, brought back. */
export interface QueuedAction {
  /** id of the change, by which the server knows a repeat */
  readonly change: string;
  readonly method: 'POST' | 'PUT' | 'DELETE';
  /** address below /api/ */
  readonly address: string;
  readonly body: Readonly<Record<string, unknown>>;
  /** the record that it changes */
  readonly id: string;
  /** what was done, for the person */
  readonly words: string;
  /** ms since 1970: what was done to one record goes in this order, however it was kept */
  readonly at?: number;
  readonly state: 'waiting' | 'sending' | 'offline' | 'refused';
  readonly message?: string;
}

export interface DraftsState {
  readonly drafts: Readonly<Record<string, Draft>>;
  /** text in fields that is not a measure yet, by field key */
  readonly texts: Readonly<Record<string, string>>;
  /** forms in progress, by what they are for */
  readonly forms: Readonly<Record<string, Readonly<Record<string, unknown>>>>;
  /** what was done and is not sent yet, by its change, in order */
  readonly actions: Readonly<Record<string, QueuedAction>>;
  /** whose they are: nobody else in this browser sends or sees them */
  readonly account?: string;
  /** why the browser does not keep them */
  readonly notKept?: string;
}

/** A draft as an earlier version kept it, in the shape of today. */
const draftToday = (draft: Draft): Draft =>
  draft.entity === 'job' && !('crew' in draft.body)
    ? { ...draft, body: crewToday(draft.body as unknown as { people?: number }) as unknown as JobFields }
    : draft;

/** What was on its way when its page ended is sent again: the server knows a repeat by its change. */
const resting = <T extends { readonly state: string }>(one: T): T => (one.state === 'sending' ? { ...one, state: 'waiting' } : one);

const restingAll = <T extends { readonly state: string }>(all: Readonly<Record<string, T>>): Record<string, T> =>
  Object.fromEntries(Object.entries(all).map(([key, one]) => [key, resting(one)]));

/** Drafts that another page left, each behind the one that this page has of the same record. */
const behind = (left: DraftsState['drafts'], own: DraftsState['drafts']): DraftsState['drafts'] =>
  Object.fromEntries(
    Object.entries(left).map(([key, draft]) => [key, draftKey(draft.entity, draft.id) === key && !(key in own) ? draft : { ...draft, aside: true }]),
  );

/** What was done, the first first. */
export const inTurn = (actions: DraftsState['actions']): readonly QueuedAction[] => Object.values(actions).sort((a, b) => (a.at ?? 0) - (b.at ?? 0));

export const draftKey = (entity: Entity, id: string) => `${entity}:${id}`;

const initialState: DraftsState = { drafts: {}, texts: {}, forms: {}, actions: {} };

export const draftsSlice = createSlice({
  name: 'drafts',
  initialState,
  reducers: {
    loaded: (_state, { payload }: PayloadAction<Partial<DraftsState>>) => ({
      ...initialState,
      ...payload,
      forms: Object.fromEntries(
        Object.entries(payload.forms ?? {}).map(([key, values]) => [key, 'people' in values ? crewToday(values as { people?: number }) : values]),
      ),
      drafts: Object.fromEntries(Object.entries(payload.drafts ?? {}).map(([key, draft]) => [key, draftToday(resting(draft))])),
      actions: restingAll(payload.actions ?? {}),
    }),
    // what other pages of this browser left goes behind what this one has
    joined: (state, { payload }: PayloadAction<Pick<DraftsState, 'drafts' | 'texts' | 'forms' | 'actions'>>) => {
      state.drafts = { ...behind(restingAll(payload.drafts), state.drafts), ...state.drafts } as never;
      state.texts = { ...payload.texts, ...state.texts };
      state.forms = { ...payload.forms, ...state.forms };
      state.actions = { ...restingAll(payload.actions), ...state.actions };
    },
    keptOrNot: (state, { payload }: PayloadAction<string | undefined>) => {
      if (payload === undefined) delete state.notKept;
      else state.notKept = payload;
    },
    edited: (state, { payload }: PayloadAction<Omit<Draft, 'state'>>) => {
      const key = draftKey(payload.entity, payload.id);
      const before = state.drafts[key];
      const unanswered = [...(before?.unanswered ?? []), ...(before?.sent === true ? [before.change] : [])];
      // a record still to be made stays so, and a change keeps the version it began from
      state.drafts[key] = {
        ...payload,
        ...(before?.version !== undefined && { version: before.version }),
        ...(before?.parentId !== undefined && { parentId: before.parentId }),
        ...(before?.from !== undefined && { from: before.from }),
        ...(unanswered.length > 0 && { unanswered }),
        state: before?.state === 'conflict' ? 'conflict' : 'waiting',
        ...(before?.state === 'conflict' && { standing: before.standing, theirs: before.theirs, by: before.by }),
      } as never;
    },
    sending: (state, { payload: key }: PayloadAction<string>) => {
      const draft = state.drafts[key];
      if (!draft) return;
      draft.state = 'sending';
      draft.sent = true;
    },
    kept: (state, { payload }: PayloadAction<{ key: string; change: string; version: number; saved?: unknown }>) => {
      const draft = state.drafts[payload.key];
      if (!draft) return;
      // what was done to the record after this change is against the version that it made
      const moved = payload.version - (draft.version ?? 0);
      for (const action of Object.values(state.actions)) {
        const { version } = action.body;
        if (action.id === draft.id && typeof version === 'number') action.body = { ...action.body, version: version + moved };
      }
      if (draft.change === payload.change) state.drafts = Object.fromEntries(Object.entries(state.drafts).filter(([key]) => key !== payload.key));
      else {
        // edited on while it was sent: the rest goes against the new version
        draft.version = payload.version;
        draft.from = payload.saved;
        delete draft.parentId;
        delete draft.unanswered;
        draft.state = 'waiting';
      }
    },
    failed: (
      state,
      {
        payload,
      }: PayloadAction<{
        key: string;
        change: string;
        state: 'refused' | 'offline' | 'conflict';
        message: string;
        standing?: number;
        theirs?: unknown;
        by?: ChangedBy;
      }>,
    ) => {
      const draft = state.drafts[payload.key];
      if (!draft || draft.change !== payload.change) {
        if (draft?.state === 'sending') draft.state = 'waiting';
        return;
      }
      draft.state = payload.state;
      draft.message = payload.message;
      if (payload.standing !== undefined) {
        draft.standing = payload.standing;
        draft.theirs = payload.theirs;
        if (payload.by) draft.by = payload.by;
        else delete draft.by;
      }
    },
    // what the person chose of both goes against what stands now
    mineAgain: (state, { payload }: PayloadAction<{ key: string; change: string; body?: Draft['body'] }>) => {
      const draft = state.drafts[payload.key];
      if (draft?.standing === undefined) return;
      draft.version = draft.standing;
      draft.change = payload.change;
      draft.state = 'waiting';
      if (payload.body) draft.body = payload.body;
      draft.from = draft.theirs;
      for (const gone of ['standing', 'theirs', 'by', 'unanswered', 'message'] as const) delete draft[gone];
    },
    done: {
      prepare: (action: Omit<QueuedAction, 'state' | 'at'>) => ({ payload: { ...action, at: Date.now() } }),
      reducer: (state, { payload }: PayloadAction<Omit<QueuedAction, 'state'>>) => {
        state.actions[payload.change] = { ...payload, state: 'waiting' };
      },
    },
    actionMoved: (state, { payload }: PayloadAction<{ change: string; state: QueuedAction['state']; message?: string }>) => {
      const action = state.actions[payload.change];
      if (!action) return;
      action.state = payload.state;
      if (payload.message === undefined) delete action.message;
      else action.message = payload.message;
    },
    actionGone: (state, { payload: change }: PayloadAction<string>) => {
      state.actions = Object.fromEntries(Object.entries(state.actions).filter(([key]) => key !== change));
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

export const { edited, typed, dropped, mineAgain, formKept, formDone, done, actionGone, actionMoved, keptOrNot, loaded, joined } = draftsSlice.actions;
