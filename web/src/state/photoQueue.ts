import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** A photo on its way to the server. Its picture lies in the browser's own database until it has arrived. */
export interface WaitingPhoto {
  readonly id: string;
  readonly change: string;
  /** what it is of: one of the two */
  readonly defectId?: string;
  readonly areaId?: string;
  readonly name: string;
  /** bytes of the file as it was given */
  readonly givenBytes: number;
  readonly state: 'shrinking' | 'waiting' | 'sending' | 'offline' | 'refused';
  readonly message?: string;
  readonly bytes?: number;
  /** what it is named by until somebody names it: the question it was taken at */
  readonly caption?: string;
  readonly takenAt?: string;
  readonly position?: { readonly latitudeDeg: number; readonly longitudeDeg: number };
}

export type PhotosState = Readonly<Record<string, WaitingPhoto>>;

const initialState: PhotosState = {};

export const photosSlice = createSlice({
  name: 'photos',
  initialState,
  reducers: {
    resumed: (_state, { payload }: PayloadAction<PhotosState>) => payload,
    put: (state, { payload }: PayloadAction<WaitingPhoto>) => ({ ...state, [payload.id]: payload }),
    moved: (state, { payload }: PayloadAction<{ readonly id: string } & Partial<Omit<WaitingPhoto, 'id'>>>) => {
      const before = state[payload.id];
      return before ? { ...state, [payload.id]: { ...before, ...payload } } : state;
    },
    arrived: (state, { payload: id }: PayloadAction<string>) => Object.fromEntries(Object.entries(state).filter(([key]) => key !== id)),
  },
});
