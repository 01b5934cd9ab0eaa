import { useTranslation } from 'react-i18next';
import type { HoldDownSlice } from '../../contracts/hold-down';
import type { JobDocument } from '../../contracts/job';
import { Choice } from '../../bench/Choice';
import { useJob } from '../../job/JobContext';
import { holdJob, setAllowable } from './edits';
import { perUnit } from '../../tape/measures';
import { NumberField } from '../../tape/NumberField';

type Fix = NonNullable<NonNullable<JobDocument['holdDown']>['fix']>;

const FIX: Fix[] = ['screws', 'rivets'];

/** What besides a clip carries something: by the product's test report, or the example that ships. */
export function Allowables({ slice }: { slice: HoldDownSlice }) {
    const { t } = useTranslation();
    const { edit, mayChange, units } = useJob();
    const per = perUnit('force', units);
    return (
        <details>
            <summary>{t('hold.allowables', { units })}</summary>
            <div className="stack" style={{ gap: 12, marginTop: 8 }}>
                {slice.face?.fixed.length !== 0 && slice.fix !== 'slot' && (
                    <Choice
                        label={t('hold.fix')}
                        value={slice.fix}
                        options={FIX.map((value) => ({ value, name: t(`hold.fix.${value}`) }))}
                        onChange={(fix) => edit((d) => holdJob(d, 'fix', fix))}
                    />
                )}
                {slice.allowables.map((one) => (
                    <NumberField
                        key={one.key}
                        label={one.own ? one.name : t('hold.as-example', { name: one.name })}
                        value={one.pounds * per}
                        least={Math.ceil(per)}
                        most={Math.floor(5000 * per)}
                        disabled={!mayChange}
                        onChange={(force) => edit((d) => setAllowable(d, one.key, force / per))}
                        onEmpty={() => edit((d) => setAllowable(d, one.key, undefined))}
                    />
                ))}
                <p className="muted small">{t('hold.allowable-how')}</p>
            </div>
        </details>
    );
}
