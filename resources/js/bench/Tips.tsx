import Button from '@mui/material/Button';
import { Paragraph } from '../kit/Paragraph';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ApiError } from '../api/client';
import { readTipPlace, useTips } from '../api/tips';
import { useJob } from '../job/JobContext';

const MOST = 280;

/** What the crew has pinned to this step, its edges and its profile, in their own words, and a way to pin more. */
export function Tips({ places }: { places: string[] }) {
    const { t } = useTranslation();
    const { mayChange } = useJob();
    const { tips, pin, takeDown } = useTips();
    const [text, setText] = useState('');
    const [place, setPlace] = useState('');
    const [inPrint, setInPrint] = useState(false);
    const [fault, setFault] = useState<string | null>(null);
    const own = tips.filter((tip) => places.includes(tip.place));
    const chosen = places.includes(place) ? place : places[0];
    const named = (one: string) => {
        const { on, which } = readTipPlace(one);
        if (on === 'step') return t('tip.place.step');
        return on === 'edge'
            ? t('tip.place.edge', { edge: t(`edge.${which}`) })
            : t('tip.place.profile', { profile: which });
    };
    const said = (error: unknown) => {
        if (!(error instanceof ApiError)) return t('job.not-reached');
        return error.message409 && error.status === 409
            ? error.message409
            : (error.faults[0]?.message ?? t('form.failed'));
    };
    if (own.length === 0 && !mayChange) return null;
    return (
        <section aria-label={t('tip.title')} style={{ marginTop: 14 }}>
            {own.length > 0 && <h2>{t('tip.title')}</h2>}
            {own.map((tip) => (
                <div key={tip.id} className="finding" data-severity="note" data-tip={tip.id}>
                    <b>{named(tip.place)}</b> <span style={{ whiteSpace: 'pre-wrap' }}>{tip.text}</span>{' '}
                    <span className="muted small">{t('tip.by', { name: tip.author })}</span>
                    {mayChange && (
                        <>
                            {' '}
                            <button
                                type="button"
                                className="linkish"
                                onClick={() => void takeDown(tip.id).catch((error: unknown) => setFault(said(error)))}
                            >
                                {t('tip.take-down')}
                            </button>
                        </>
                    )}
                </div>
            ))}
            {fault && (
                <p className="stop" role="alert">
                    {fault}
                </p>
            )}
            {mayChange && (
                <details>
                    <summary className="linkish">{t('tip.add')}</summary>
                    <form
                        className="stack"
                        style={{ gap: 10, marginTop: 8 }}
                        onSubmit={(event) => {
                            event.preventDefault();
                            setFault(null);
                            pin({ place: chosen, text, inPrint }).then(
                                () => setText(''),
                                (error: unknown) => setFault(said(error)),
                            );
                        }}
                    >
                        <Paragraph
                            label={t('tip.text')}
                            value={text}
                            onChange={(event) => setText(event.target.value)}
                            most={MOST}
                        />
                        <TextField
                            select
                            label={t('tip.place')}
                            value={chosen}
                            onChange={(event) => setPlace(event.target.value)}
                        >
                            {places.map((one) => (
                                <MenuItem key={one} value={one}>
                                    {named(one)}
                                </MenuItem>
                            ))}
                        </TextField>
                        <FormControlLabel
                            control={<Checkbox checked={inPrint} onChange={(_, checked) => setInPrint(checked)} />}
                            label={t('tip.in-print')}
                        />
                        <Button type="submit" variant="outlined" disabled={text.trim() === ''}>
                            {t('tip.keep')}
                        </Button>
                    </form>
                </details>
            )}
        </section>
    );
}
