import { useTranslation } from 'react-i18next';
import type { Change } from '../api/types';
import { useJobTape } from '../tape/JobTape';

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
    return <>{said.join(' · ')}</>;
}
