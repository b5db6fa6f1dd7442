import { lazy } from 'react';

// What is not needed for the first sentence is loaded when it is opened.

export const ShelfSheet = lazy(() =>
  import('../shelf/ShelfSheet').then((module) => ({ default: module.ShelfSheet })),
);
export const loadFilesIn = () => import('./files/FilesIn').then((module) => ({ default: module.FilesIn }));
export const FilesIn = lazy(loadFilesIn);
export const Compare = lazy(() =>
  import('./working/Compare').then((module) => ({ default: module.Compare })),
);
export const ByHand = lazy(() => import('./working/ByHand').then((module) => ({ default: module.ByHand })));
export const Disagreement = lazy(() =>
  import('./working/Disagreement').then((module) => ({ default: module.Disagreement })),
);
export const KeysSheet = lazy(() => import('./KeysSheet').then((module) => ({ default: module.KeysSheet })));
export const Notice = lazy(() => import('./Notice').then((module) => ({ default: module.Notice })));
export const WhySheet = lazy(() =>
  import('./working/WhySheet').then((module) => ({ default: module.WhySheet })),
);
export const Paper = lazy(() => import('@/ui/paper/Paper').then((module) => ({ default: module.Paper })));
export const QuestionRoom = lazy(() =>
  import('../questions/QuestionRoom').then((module) => ({ default: module.QuestionRoom })),
);
