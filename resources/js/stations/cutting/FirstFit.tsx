import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { CutPanel, CutsSlice } from '../../contracts/cutting';
import { useJob } from '../../job/JobContext';
import { addCorrection, removeCorrection } from '../../job/layoutEdits';
import { useJobTape } from '../../tape/JobTape';
import { Said } from '../../tape/Len';
import { TapeEntry } from '../../tape/TapeEntry';

/** What the first fit of this piece needed, carried to the pieces of its edge not yet cut; and what was carried to it. */
export function FirstFit({ slice, panel }: { slice: CutsSlice; panel: CutPanel }) {
    const { t } = useTranslation();
    const { document: doc, edit, mayChange, units } = useJob();
    const print = useJobTape();
    const edges = slice.card?.edges ?? [];
    const [edge, setEdge] = useState('');
    const [side, setSide] = useState<'long' | 'short'>('short');
    const [toward, setToward] = useState<'uphill' | 'downhill'>('uphill');
    if (edges.length === 0) return null;
    const picked = edges.find((one) => one.id === edge) ?? edges[0];
    const own = slice.corrections.filter(
        (fit) => fit.face === panel.face && edges.some((other) => other.id === fit.edge),
    );
    // Said in the job, not yet in the plan.
    const waiting = (doc.cutting?.corrections ?? []).filter(
        (fit) =>
            fit.face === panel.face &&
            edges.some((other) => other.id === fit.edge) &&
            !slice.corrections.some((known) => known.id === fit.id),
    );
    return (
        <section aria-label={t('fit.title')}>
            <h2>{t('fit.title')}</h2>
            {own.map((one) => (
                <div key={one.id} className="finding" data-severity="note">
                    <Said
                        text={t('fit.needed', {
                            trial: one.trialName,
                            side: one.side,
                            toward: one.uphill > 0 ? 'uphill' : 'downhill',
                            amount: print(Math.abs(one.uphill), 'nearest', true),
                            carried: slice.card?.corrections.some((other) => other.id === one.id) ? 'yes' : 'no',
                        })}
                    />
                    {mayChange && (
                        <>
                            {' '}
                            <button
                                type="button"
                                className="linkish"
                                onClick={() => edit((d) => removeCorrection(d, one.id))}
                            >
                                {t('fit.take-back')}
                            </button>
                        </>
                    )}
                </div>
            ))}
            {waiting.map((one) => (
                <div key={one.id} className="finding" data-severity="settle">
                    <Said
                        text={t('fit.waits', {
                            trial: slice.panels.find((known) => known.id === one.panel)?.name ?? one.panel,
                            side: one.side,
                            toward: one.toward,
                            amount: print(one.amount, 'nearest', true),
                        })}
                    />
                </div>
            ))}
            {mayChange && (
                <div className="stack" style={{ gap: 10 }}>
                    <p className="muted">{t('fit.how', { piece: panel.name })}</p>
                    {edges.length > 1 && (
                        <TextField
                            select
                            label={t('fit.edge')}
                            value={picked.id}
                            onChange={(event) => setEdge(event.target.value)}
                        >
                            {edges.map((edge) => (
                                <MenuItem key={edge.id} value={edge.id}>
                                    {t(`edge.${edge.kind}`)}
                                </MenuItem>
                            ))}
                        </TextField>
                    )}
                    <div className="rowed" role="group" aria-label={t('fit.side')}>
                        {(['long', 'short'] as const).map((one) => (
                            <button
                                key={one}
                                type="button"
                                className="chip"
                                aria-pressed={one === side}
                                onClick={() => setSide(one)}
                            >
                                {t(`fit.${one}`)}
                            </button>
                        ))}
                        {(['uphill', 'downhill'] as const).map((one) => (
                            <button
                                key={one}
                                type="button"
                                className="chip"
                                aria-pressed={one === toward}
                                onClick={() => setToward(one)}
                            >
                                {t(`fit.${one}`)}
                            </button>
                        ))}
                    </div>
                    <TapeEntry
                        label={t('fit.amount')}
                        units={units}
                        action={t('fit.carry')}
                        most={12}
                        onEnter={(amount) =>
                            edit((d) =>
                                addCorrection(d, {
                                    face: panel.face,
                                    edge: picked.id,
                                    panel: panel.id,
                                    side,
                                    toward,
                                    amount,
                                }),
                            )
                        }
                    />
                </div>
            )}
        </section>
    );
}

/** Which other panel comes out of the same sheet. */
export function PairLine({
    slice,
    panel,
    onPick,
}: {
    slice: CutsSlice;
    panel: CutPanel;
    onPick: (id: string) => void;
}) {
    const { t } = useTranslation();
    if (!slice.card?.sheet || !panel.pairedWith) return null;
    return (
        <div className="finding" data-severity="note" data-testid="pair">
            <Said text={slice.card.sheet} />{' '}
            <Button size="small" onClick={() => panel.pairedWith && onPick(panel.pairedWith)}>
                {t('pair.show', { other: panel.pairedName })}
            </Button>
        </div>
    );
}
