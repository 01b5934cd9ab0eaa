import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useMaking } from '../../bench/Making';
import type { HeldFace } from '../../contracts/hold-down';
import { useJob } from '../../job/JobContext';
import { holdFace } from './edits';
import { TapeField } from '../../tape/TapeField';

/** Where the purlins of a face run, entered once: the first and how far apart. With the templates its sheets are drilled by. */
export function Purlins({ held }: { held: HeldFace }) {
    const { t } = useTranslation();
    const make = useMaking();
    const { document, edit, mayChange, units } = useJob();
    const own = document.holdDown?.faces?.[held.id];
    const said = own?.purlins;
    const [first, setFirst] = useState<number>(said?.first ?? 0);
    const put = (purlins: typeof said) => edit((d) => holdFace(d, held.id, { ...own, purlins }));
    return (
        <section aria-label={t('hold.purlins')} className="stack" style={{ gap: 10, marginTop: 10 }}>
            <h2 style={{ marginTop: 4 }}>{t('hold.purlins')}</h2>
            <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                <TapeField
                    label={t('hold.purlins-first')}
                    value={said?.first ?? first}
                    units={units}
                    most={600}
                    disabled={!mayChange}
                    onChange={(value) => {
                        setFirst(value);
                        if (said?.spacing) put({ first: value, spacing: said.spacing });
                    }}
                />
                <TapeField
                    label={t('hold.purlins-spacing')}
                    value={said?.spacing ?? null}
                    units={units}
                    least={6}
                    most={240}
                    disabled={!mayChange}
                    onChange={(spacing) => put({ first: said?.first ?? first, spacing })}
                />
            </div>
            {said && mayChange && (
                <button type="button" className="linkish" onClick={() => put(undefined)}>
                    {t('hold.purlins-none')}
                </button>
            )}
            <button type="button" className="linkish small" onClick={() => make('drill-template.pdf')}>
                {t('send.drill-template.pdf')}
            </button>
        </section>
    );
}
