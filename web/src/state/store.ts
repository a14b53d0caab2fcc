import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { api } from './api.ts';
import { draftsSlice } from './drafts.ts';
import { linkSlice } from './link.ts';
import { photosSlice } from './photoQueue.ts';
import { saver } from './saver.ts';
import { remember, viewSlice } from './view.ts';

export const store = configureStore({
  reducer: { [api.reducerPath]: api.reducer, drafts: draftsSlice.reducer, photos: photosSlice.reducer, view: viewSlice.reducer, link: linkSlice.reducer },
  middleware: (usual) => usual().prepend(saver.middleware).concat(api.middleware),
});

let last = store.getState().view;
store.subscribe(() => {
  const { view } = store.getState();
  if (view !== last) remember(view);
  last = view;
});

export type RootState = ReturnType<typeof store.getState>;
export const useStore = useSelector.withTypes<RootState>();
export const useSend = useDispatch.withTypes<typeof store.dispatch>();
