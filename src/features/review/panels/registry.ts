import { causes } from './causes';
import { clocks } from './clocks';
import { commentary } from './commentary';
import { figures } from './figures';
import { history } from './history';
import { overtime } from './overtime';
import { score } from './score';
import { who } from './who';

/** Every panel, in the order in which the sheet of keys lists them. */
export const panels = [causes, figures, score, overtime, clocks, who, history, commentary] as const;

export type PanelId = (typeof panels)[number]['id'];
/** The command that opens a panel. */
export type PanelCommand = `open ${PanelId}`;
