import { lazyScreens } from '../../ui/lazyScreens';

const { fetch, screen } = lazyScreens(() => import('./screens'));

/** Fetches them ahead: whoever stands at the board will open a job. */
export const fetchScreens = fetch;

export const LazyBench = screen((all) => all.Bench);
export const LazyCalculator = screen((all) => all.OneCalculator);
export const LazyCardScreen = screen((all) => all.CardScreen);
export const LazyWhatIfCard = screen((all) => all.WhatIfCard);
export const LazyCribList = screen((all) => all.CribList);
export const LazyNewTool = screen((all) => all.NewTool);
export const LazyToolPage = screen((all) => all.ToolPage);
export const LazyDevice = screen((all) => all.Device);
export const LazyJobSheet = screen((all) => all.JobSheet);
export const LazyLayerEntry = screen((all) => all.LayerEntry);
export const LazyJobProvider = screen((all) => all.JobProvider);
export const LazyTray = screen((all) => all.Tray);
export const LazyNewJob = screen((all) => all.NewJob);
export const LazyParkScreen = screen((all) => all.ParkScreen);
export const LazyPhotographsScreen = screen((all) => all.PhotographsScreen);
export const LazyReadings = screen((all) => all.Readings);
export const LazyRecord = screen((all) => all.Record);
export const LazyRegisterScreen = screen((all) => all.RegisterScreen);
export const LazyScopeScreen = screen((all) => all.ScopeScreen);
export const LazyBeginSheet = screen((all) => all.BeginSheet);
export const LazyDraft = screen((all) => all.OpenDraft);
export const LazySheetList = screen((all) => all.SheetList);
export const LazySheetPage = screen((all) => all.SheetPage);
export const LazyTopScreen = screen((all) => all.TopScreen);
