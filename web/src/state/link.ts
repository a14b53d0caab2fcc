import { createAction, createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Whether the server answers, and how old what is shown in its place is. */
export interface LinkState {
  readonly away: boolean;
  /** instant at which the oldest of what is shown was read, while the server is away */
  readonly readAt?: string;
  /** a newer version of the page waits to be taken */
  readonly newer: boolean;
}

const initialState: LinkState = { away: false, newer: false };

export const linkSlice = createSlice({
  name: 'link',
  initialState,
  reducers: {
    away: (state, { payload: readAt }: PayloadAction<string | undefined>) => {
      state.away = true;
      if (readAt !== undefined && (state.readAt === undefined || readAt < state.readAt)) state.readAt = readAt;
    },
    back: ({ newer }) => ({ ...initialState, newer }),
    newerFound: (state) => {
      state.newer = true;
    },
  },
});

/** The server knows nobody by what this browser sent: the session has ended. */
export const ended = createAction('link/ended');

export const { away, back, newerFound } = linkSlice.actions;
