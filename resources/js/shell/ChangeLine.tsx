import { beside } from '../words/lists';
import { useTranslation } from 'react-i18next';
import type { Change } from '../api/types';
import { useJobTape } from '../tape/JobTape';

/** These speak of the changes behind them. */
const HEADINGS = ['undo', 'redo', 'aside'];

/** What one save changed, in words. */
export function ChangeLine({ change }: { change: Change[] }) {
    const { t } = useTranslation();
    const print = useJobTape();
    const say = ({ code, parameters }: Change, what = '') =>
        t(`change.${code}`, {
            ...parameters,
            what,
            ...(typeof parameters.nudge === 'number' ? { nudge: print(parameters.nudge) } : {}),
            ...(parameters.start ? { start: t(`start.${parameters.start}`) } : {}),
            // Lines kept from before call it so.
            ...(parameters.school ? { school: t(`start.${parameters.school}`) } : {}),
        });
    const list = (changes: Change[]) =>
        beside(
            t,
            changes.map((one) => say(one)),
        );
    const [first, ...rest] = change;
    return <>{first && HEADINGS.includes(first.code) ? say(first, list(rest)) : list(change)}</>;
}
