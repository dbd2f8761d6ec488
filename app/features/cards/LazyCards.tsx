import { roomOf } from '../../ui/roomOf';

const { fetch, part: card, piece } = roomOf(() => import('./cardRoom'));

/** Fetches the room ahead: whoever opens a job will open a card. */
export const fetchCards = fetch;

export const LazyCauseCard = card((room) => room.CauseCard);
export const LazyDeadCard = card((room) => room.DeadCard);
export const LazyChecksCard = card((room) => room.ChecksCard);
export const LazyLinersCard = card((room) => room.LinersCard);
export const LazyLinersPart = card((room) => room.LinersPart);
export const LazyMarkCard = card((room) => room.MarkCard);
export const LazyParkScreen = card((room) => room.ParkScreen);
export const LazyPartsCard = card((room) => room.PartsCard);
export const LazyPhotographsScreen = card((room) => room.PhotographsScreen);
export const LazyRegisterScreen = card((room) => room.RegisterScreen);
export const LazyScopeScreen = card((room) => room.ScopeScreen);
export const LazyStandOutCard = card((room) => room.StandOutCard);
export const LazyRecheckCard = card((room) => room.RecheckCard);
export const LazyReadings = card((room) => room.Readings);
export const LazyRecord = card((room) => room.Record);
export const LazyTightenCard = card((room) => room.TightenCard);
export const LazyValvesCard = card((room) => room.ValvesCard);
export const LazyAfterHeatCard = card((room) => room.AfterHeatCard);
export const LazyPumpCard = card((room) => room.PumpCard);
export const LazyTimingCard = card((room) => room.TimingCard);
export const LazyTopScreen = card((room) => room.TopScreen);
export const LazyWhatIfCard = card((room) => room.WhatIfCard);
export const LazyStripCard = card((room) => room.StripCard);

/* What is rarely asked for, on a tray or a card that waits. */
export const LazyPendingDecision = piece((room) => room.PendingDecision);
export const LazyPendingButtons = piece((room) => room.PendingButtons);
export const LazyPendingOfJob = piece((room) => room.PendingOfJob);
export const LazyNotKept = piece((room) => room.NotKept);

/* Parts of cards that sheets and bench show as well. */
export const LazyAdjustersDrawing = piece((room) => room.AdjustersDrawing);
export const LazyStopsDrawing = piece((room) => room.StopsDrawing);
export const LazyTrendDrawing = piece((room) => room.TrendDrawing);
export const LazyTurnAndSee = piece((room) => room.TurnAndSee);
export const LazyWheelsDrawing = piece((room) => room.WheelsDrawing);
