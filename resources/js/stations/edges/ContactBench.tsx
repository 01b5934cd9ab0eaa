import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { JobDocument } from '../../contracts/job';
import { setMetals } from './buildEdits';
import { useJob } from '../../job/JobContext';

type Metals = NonNullable<JobDocument['metals']>;

const METALS = ['steel', 'aluminium', 'copper', 'zinc', 'stainless'] as const;
const FIELDS: { key: keyof Metals; options: readonly string[] }[] = [
    { key: 'trims', options: METALS },
    { key: 'screws', options: METALS },
    { key: 'rivets', options: METALS },
    { key: 'fascia', options: ['treated'] },
    { key: 'walls', options: ['mortar'] },
];

/** What eats what at this edge, and of what metal the job's parts are. */
export function ContactBench({ contact }: { contact: string[] }) {
    const { t } = useTranslation();
    const { document: doc, edit, mayChange } = useJob();
    return (
        <section aria-label={t('edges.contact')}>
            <h2>{t('edges.contact')}</h2>
            {contact.length === 0 && <p className="muted">{t('edges.contact-none')}</p>}
            {contact.map((said) => (
                <div key={said} className="finding" data-severity="settle">
                    {said}
                </div>
            ))}
            <details>
                <summary className="linkish">{t('edges.metals')}</summary>
                <div className="stack" style={{ gap: 12, padding: '10px 0' }}>
                    {FIELDS.map(({ key, options }) => (
                        <TextField
                            key={key}
                            select
                            label={t(`edges.metals.${key}`)}
                            value={doc.metals?.[key] ?? ''}
                            disabled={!mayChange}
                            onChange={(event) =>
                                edit((d) => setMetals(d, { [key]: event.target.value || undefined } as Metals))
                            }
                            slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
                        >
                            <MenuItem value="">{t(`edges.metals.${key}-usual`)}</MenuItem>
                            {options.map((one) => (
                                <MenuItem key={one} value={one}>
                                    {t(`material.${one}`)}
                                </MenuItem>
                            ))}
                        </TextField>
                    ))}
                </div>
            </details>
        </section>
    );
}
