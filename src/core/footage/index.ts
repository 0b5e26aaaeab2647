export { canShowOriginal, type PictureFacts, type ProxyReason, proxyRate, proxyReasons } from './looking';
export { findLulls } from './lulls';
export { activeShare, type MotionCurve, smoothMotion, stillnessThreshold, stillStretches } from './motion';
export {
  type ProposalLimits,
  type ProposalReason,
  proposeRounds,
  type RoundProposal,
  type TimerSignal,
  timerSignals,
  usualRoundSeconds,
} from './proposeRounds';
export { recordedAtOf } from './recordedAt';
export { createToneListener, goertzelShare, LISTENING_RATE, type ToneBurst, type ToneListener } from './tones';
