import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { BenchSlice } from './BenchSlice';
import type { CardView, CutPanel, PieceLine } from '../../contracts/cutting';
import { useFacts } from '../../job/FactContext';
import { useJob } from '../../job/JobContext';
import { withdrawn } from '../../job/facts';
import { marksTaped, removeCorrection, type Mark } from './edits';
import { useJobTape } from '../../tape/JobTape';
import { Said } from '../../tape/Len';
import { TapeEntry } from '../../tape/TapeEntry';
import { AtASeam } from './AtASeam';
import { LineFound } from './LineFound';
import { TwoTapes } from './TwoTapes';

/** What one reads a mark with on a roof. */
const SOURCES = ['tape', 'laser'] as const;

interface FirstFitProps {
    slice: BenchSlice;
    panel: CutPanel;
    /** The face of the piece. */
    view: CardView;
    /** On a phone the two tapes fill the screen: whether they stand open there. */
    taping: boolean;
    onTaping: (open: boolean) => void;
}

/** What was taped on a panel that is set, or what it needed: the line of its edge, and the cards that follow. */
export function FirstFit({ slice, panel, view, taping, onTaping }: FirstFitProps) {
    const { t } = useTranslation();
    const { told, tell, mayTell } = useFacts();
    const phone = useMediaQuery('(max-width: 1023px)', { noSsr: true });
    const [edge, setEdge] = useState('');
    const [source, setSource] = useState<(typeof SOURCES)[number]>('tape');
    const lines = slice.card.edges;
    if (lines.length === 0) return null;
    const line = lines.find((one) => one.id === edge) ?? lines[0];
    // Told, not yet in the plan.
    const gone = withdrawn(told);
    const waiting = told.filter(
        (one) =>
            one.kind === 'taped' &&
            one.subject === line.id &&
            !gone.includes(one.id) &&
            !line.marks.some((known) => known.id === one.id),
    ).length;
    const add = (marks: Mark[]) => tell(...marksTaped(line.id, panel.face, source, marks));
    const tapes = (large: boolean) => (
        <TwoTapes
            key={`${panel.id} ${line.id}`}
            view={view}
            name={panel.name}
            line={line}
            large={large}
            onTake={(taped) => {
                add(taped.map((one) => ({ ...one, panel: panel.id })));
                onTaping(false);
            }}
        />
    );
    return (
        <section aria-label={t('fit.title')}>
            <h2>{t('fit.title')}</h2>
            {lines.length > 1 && (
                <TextField
                    select
                    label={t('fit.edge')}
                    value={line.id}
                    onChange={(event) => setEdge(event.target.value)}
                    sx={{ mb: 1 }}
                >
                    {lines.map((one) => (
                        <MenuItem key={one.id} value={one.id}>
                            {t(`edge.${one.kind}`)}
                        </MenuItem>
                    ))}
                </TextField>
            )}
            <Trials slice={slice} panel={panel} edges={lines} />
            {waiting > 0 && (
                <p className="finding" data-severity="settle">
                    {t('fit.waits', { count: waiting })}
                </p>
            )}
            {mayTell && (
                <>
                    <p className="muted" style={{ marginBottom: 8 }}>
                        {t('fit.how', { piece: panel.name })}
                    </p>
                    <div className="rowed" role="group" aria-label={t('fit.source')} style={{ marginBottom: 8 }}>
                        {SOURCES.map((one) => (
                            <button
                                key={one}
                                type="button"
                                className="chip"
                                aria-pressed={one === source}
                                onClick={() => setSource(one)}
                            >
                                {t(`source.${one}`)}
                            </button>
                        ))}
                    </div>
                    {!phone && tapes(false)}
                    <Needed panel={panel} line={line} onTake={(one) => add([{ ...one, panel: panel.id }])} />
                    <AtASeam key={line.id} line={line} panel={panel} onTake={(one) => add([one])} />
                </>
            )}
            <LineFound line={line} />
            <Dialog open={taping} onClose={() => onTaping(false)} fullScreen aria-labelledby="two-tapes">
                <DialogTitle sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', py: 1 }}>
                    <span id="two-tapes">{t('fit.two-tapes', { piece: panel.name })}</span>
                    <Button color="inherit" onClick={() => onTaping(false)}>
                        {t('close')}
                    </Button>
                </DialogTitle>
                <DialogContent sx={{ px: 2, pb: 1 }}>{taping && tapes(true)}</DialogContent>
            </Dialog>
        </section>
    );
}

/** So much more up- or downhill than its card had it. */
function Needed({ panel, line, onTake }: { panel: CutPanel; line: PieceLine; onTake: (mark: Mark) => void }) {
    const { t } = useTranslation();
    const { units } = useJob();
    const [side, setSide] = useState<'long' | 'short'>('short');
    const [toward, setToward] = useState<'uphill' | 'downhill'>('uphill');
    const card = line.reads[line.from].flat[side];
    if (card === null) return null;
    return (
        <details style={{ marginTop: 10 }}>
            <summary>{t('fit.or-off')}</summary>
            <div className="stack" style={{ gap: 10, marginTop: 8 }}>
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
                    key={panel.id}
                    label={t('fit.amount')}
                    units={units}
                    action={t('fit.carry')}
                    most={12}
                    onEnter={(amount) => onTake({ side, from: line.from, card, toward, amount })}
                />
            </div>
        </details>
    );
}

/** What trials needed in jobs begun before lines were fitted: each end by itself. */
function Trials({ slice, panel, edges }: { slice: BenchSlice; panel: CutPanel; edges: PieceLine[] }) {
    const { t } = useTranslation();
    const { edit, mayChange } = useJob();
    const print = useJobTape();
    const own = slice.corrections.filter(
        (fit) => fit.face === panel.face && edges.some((other) => other.id === fit.edge),
    );
    return own.map((one) => (
        <div key={one.id} className="finding" data-severity="note">
            <Said
                text={t('fit.needed', {
                    trial: one.trialName,
                    side: one.side,
                    toward: one.uphill > 0 ? 'uphill' : 'downhill',
                    amount: print(Math.abs(one.uphill), 'nearest', true),
                    carried: slice.card.corrections.some((other) => other.id === one.id) ? 'yes' : 'no',
                })}
            />
            {mayChange && (
                <>
                    {' '}
                    <button type="button" className="linkish" onClick={() => edit((d) => removeCorrection(d, one.id))}>
                        {t('fit.take-back')}
                    </button>
                </>
            )}
        </div>
    ));
}
