import { useTranslation } from 'react-i18next';
import type { Change } from '../api/types';
import { useJobTape } from '../tape/JobTape';

const HEADINGS = ['undo', 'redo', 'aside'];

/** What one save changed, in words. */
export function ChangeLine({ change }: { change: Change[] }) {
    const { t } = useTranslation();
    const print = useJobTape();
    const said = change.map(({ code, parameters }) =>
        t(`change.${code}`, {
            ...parameters,
            ...(typeof parameters.nudge === 'number' ? { nudge: print(parameters.nudge) } : {}),
            ...(parameters.start ? { start: t(`start.${parameters.start}`) } : {}),
            // Lines kept from before call it so.
            ...(parameters.school ? { school: t(`start.${parameters.school}`) } : {}),
        }),
    );
    // These speak of the changes behind them.
    const [first, ...rest] = change;
    return (
        <>
            {HEADINGS.includes(first?.code) && rest.length > 0
                ? `${said[0]}: ${said.slice(1).join(' · ')}`
                : said.join(' · ')}
        </>
    );
}
