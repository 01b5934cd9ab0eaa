import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { Fragment } from 'react';
import { useTranslation } from 'react-i18next';
import type { LaidFace, Layout, LayoutAlternative, LayoutSlice } from '../../contracts/layout';
import type { PlanFace } from '../../contracts/roof';
import { Findings } from '../../bench/Findings';
import { useJob } from '../../job/JobContext';
import { asChoice, leaveToSearch } from '../../job/layoutEdits';
import { Len, Said } from '../../tape/Len';
import { TapeEntry } from '../../tape/TapeEntry';
import { Openings } from './Openings';

interface LayoutBenchProps {
    slice: LayoutSlice;
    laid: LaidFace;
    face: PlanFace;
    choice: Layout;
    free: boolean;
    pinned: boolean;
    onChoose: (layout: Layout) => void;
    onNudge: (inches: number) => void;
    onPin: () => void;
    mark: number;
    onSystem: () => void;
}

/** The ways to start compared, with the reason for each and what each takes; nudge and pin. */
export function LayoutBench({
    slice,
    laid,
    face,
    choice,
    free,
    pinned,
    onChoose,
    onNudge,
    onPin,
    mark,
    onSystem,
}: LayoutBenchProps) {
    const { t } = useTranslation();
    const { mayChange, units, edit } = useJob();
    const { layout } = laid;
    const nudged = Math.abs(layout.nudge) > 1e-9;
    const tied = (laid.group?.faces ?? [])
        .filter((id) => id !== face.id)
        .map((id) => slice.faces.find((one) => one.id === id)?.name ?? id);
    const best = [...laid.alternatives].sort((a, b) => a.total - b.total)[0];
    const left = Math.min(...face.outline.map(([u]) => u));
    return (
        <aside className="bench" aria-label={t('bench')}>
            <h2>{t('layout.title')}</h2>
            <p className="muted" style={{ marginBottom: 10 }}>
                {t('layout.now', { face: face.name, panels: layout.panels, full: layout.fullPanels })}{' '}
                {tied.length > 0 && t('layout.tied', { faces: tied.join(', ') })}
            </p>
            {mayChange && (
                <div className="rowed" style={{ marginBottom: 10 }}>
                    <Button variant={pinned ? 'outlined' : 'contained'} onClick={onPin}>
                        {t(pinned ? 'layout.unpin' : 'layout.pin')}
                    </Button>
                    <Button
                        variant="outlined"
                        color="inherit"
                        disabled={!free}
                        onClick={() => onNudge(-mark)}
                        aria-label={t('layout.nudge-left')}
                    >
                        [ ←
                    </Button>
                    <Button
                        variant="outlined"
                        color="inherit"
                        disabled={!free}
                        onClick={() => onNudge(mark)}
                        aria-label={t('layout.nudge-right')}
                    >
                        → ]
                    </Button>
                    {nudged && (
                        <span className="nowrap">
                            <Len inches={Math.abs(layout.nudge)} />{' '}
                            {t(layout.nudge > 0 ? 'layout.to-right' : 'layout.to-left')}{' '}
                            {free && (
                                <button type="button" className="linkish" onClick={() => onNudge(-layout.nudge)}>
                                    {t('layout.nudge-back')}
                                </button>
                            )}
                        </span>
                    )}
                </div>
            )}
            {pinned && (
                <p className="good" style={{ margin: '0 0 8px' }}>
                    {t('layout.pinned')}
                </p>
            )}
            <PinsCost laid={laid} />
            <Findings findings={laid.findings} />
            <h3>{t('layout.compared')}</h3>
            {laid.alternatives.map((one) => (
                <Alternative
                    key={`${one.start}${one.from ?? ''}${one.at ?? ''}${one.as}`}
                    one={one}
                    best={best}
                    nudged={one.chosen && nudged}
                    disabled={!free}
                    onChoose={() => free && onChoose(asChoice(one))}
                />
            ))}
            {free && (
                <div className="rowed">
                    {laid.choice !== 'found' && (
                        <Button
                            variant="outlined"
                            color="inherit"
                            onClick={() => edit((d) => leaveToSearch(d, laid.group?.faces ?? [face.id]))}
                        >
                            {t('layout.leave-to-search')}
                        </Button>
                    )}
                    {layout.start !== 'control-point' && (
                        <Button
                            variant="outlined"
                            color="inherit"
                            onClick={() => onChoose({ start: 'control-point', at: laid.module, as: 'seam' })}
                        >
                            {t('layout.from-place')}
                        </Button>
                    )}
                </div>
            )}
            {choice.start === 'control-point' && free && (
                <div className="card stack" style={{ gap: 10, marginTop: 8 }}>
                    <TapeEntry
                        label={t('layout.control-at')}
                        units={units}
                        action={t('layout.set')}
                        onEnter={(inches) => onChoose({ ...choice, at: left + inches, nudge: 0 })}
                    />
                    <TextField
                        select
                        label={t('layout.control-as')}
                        value={choice.as ?? 'seam'}
                        onChange={(event) => onChoose({ ...choice, as: event.target.value as 'seam' | 'pan' })}
                    >
                        <MenuItem value="seam">{t('layout.as-seam')}</MenuItem>
                        <MenuItem value="pan">{t('layout.as-pan')}</MenuItem>
                    </TextField>
                </div>
            )}
            <Openings face={face} />
            {laid.chalk.length > 0 && (
                <p style={{ marginTop: 12 }}>
                    <Said text={t('layout.cleat')} />{' '}
                    <b>
                        <Len inches={laid.chalk[0].offset} inchesOnly />
                    </b>
                </p>
            )}
            {mayChange && (
                <Button variant="outlined" color="inherit" onClick={onSystem} sx={{ mt: 1 }}>
                    {t('system.choose')}
                </Button>
            )}
            <h3>{t('mind')}</h3>
            <p className="caution">{t('caution.layout')}</p>
        </aside>
    );
}

const PARTS = ['narrow', 'keepOuts', 'unmatched', 'panels', 'metal', 'cuts', 'uneven', 'odd'] as const;

/** What the pins of this group cost against leaving all to the search. */
function PinsCost({ laid }: { laid: LaidFace }) {
    const { t } = useTranslation();
    const cost = laid.group?.pinsCost;
    if (!cost || Math.abs(cost.total) < 0.5) return null;
    return (
        <div className="finding" data-severity="note">
            {t('layout.pins-cost', { points: Math.round(cost.total) })}{' '}
            {PARTS.filter((part) => Math.abs(cost.points[part]) > 0.5).map((part) => (
                <span key={part} className="nowrap">
                    {t(`score.${part}`)} {signed(cost.points[part])}{' '}
                </span>
            ))}
        </div>
    );
}

function signed(points: number): string {
    return `${points > 0 ? '+' : '−'}${Math.abs(Math.round(points))}`;
}

function Alternative({
    one,
    best,
    nudged,
    disabled,
    onChoose,
}: {
    one: LayoutAlternative;
    best: LayoutAlternative;
    nudged: boolean;
    disabled: boolean;
    onChoose: () => void;
}) {
    const { t } = useTranslation();
    const name = t(
        one.place === 'valley-point'
            ? `start.valley-point.${one.as}`
            : `start.${one.start}${one.from ? `.${one.from}` : ''}`,
    );
    const against = one.reasons.filter((reason) => !reason.speaksFor);
    const shown = [...against, ...one.reasons.filter((reason) => reason.speaksFor)].slice(0, one.chosen ? 8 : 3);
    return (
        <button
            type="button"
            className="card"
            aria-pressed={one.chosen}
            aria-disabled={disabled}
            onClick={onChoose}
            data-start={`${one.place ?? one.start}${one.from ? `-${one.from}` : ''}${one.place ? `-${one.as}` : ''}`}
        >
            <span className="row">
                <span>
                    {name}
                    {nudged ? ` · ${t('layout.then-nudged')}` : ''}
                </span>
                <span className="nowrap">
                    <Rips one={one} />
                </span>
            </span>
            <MiniFace one={one} />
            <p>
                {one.tooNarrow && <span className="stop">{t('start.too-narrow')} </span>}
                {shown.map((reason, i) => (
                    <span key={i} className={reason.speaksFor ? undefined : 'stop'}>
                        <Said text={reason.message} />{' '}
                    </span>
                ))}
                {t('start.takes', { panels: one.pieces, feet: Math.round(one.squareFeet) })}
            </p>
            <span className="small muted" style={{ display: 'block', marginTop: 4 }}>
                {one.total - best.total < 0.5
                    ? t('score.least', { points: Math.round(one.total) })
                    : t('score.more', { points: Math.round(one.total - best.total) })}
                {!one.chosen &&
                    PARTS.filter((part) => Math.abs(one.points[part] - best.points[part]) > 0.5).map((part) => (
                        <Fragment key={part}>
                            {' '}
                            ·{' '}
                            <span className="nowrap">
                                {t(`score.${part}`)} {signed(one.points[part] - best.points[part])}
                            </span>
                        </Fragment>
                    ))}
                {one.chosen &&
                    PARTS.filter((part) => one.points[part] > 0.5).map((part) => (
                        <Fragment key={part}>
                            {' '}
                            ·{' '}
                            <span className="nowrap">
                                {t(`score.${part}`)} {Math.round(one.points[part])}
                            </span>
                        </Fragment>
                    ))}
            </span>
        </button>
    );
}

function Rips({ one }: { one: LayoutAlternative }) {
    const { t } = useTranslation();
    const { leftRip, rightRip } = one;
    if (leftRip === null && rightRip === null) return <>{t('layout.no-rips')}</>;
    if (leftRip !== null && rightRip !== null) {
        return Math.abs(leftRip - rightRip) < 1e-6 ? (
            <>
                <Len inches={leftRip} inchesOnly /> {t('layout.each-end')}
            </>
        ) : (
            <>
                <Len inches={leftRip} inchesOnly /> {t('layout.and')} <Len inches={rightRip} inchesOnly />
            </>
        );
    }
    return (
        <>
            <Len inches={(leftRip ?? rightRip) as number} inchesOnly />{' '}
            {t(leftRip === null ? 'layout.last-rip' : 'layout.first-rip')}
        </>
    );
}

/** The face's width at a glance: seams, and rips in colour. */
function MiniFace({ one }: { one: LayoutAlternative }) {
    const width = Math.max(one.right - one.left, 1);
    const share = (u: number) => `${(((u - one.left) / width) * 100).toFixed(3)}%`;
    return (
        <svg className="bar" width="100%" height="20" aria-hidden="true" style={{ display: 'block' }}>
            {one.leftRip !== null && (
                <rect className="rip" x="0" y="0" width={share(one.left + one.leftRip)} height="20" />
            )}
            {one.rightRip !== null && (
                <rect
                    className="rip"
                    x={share(one.right - one.rightRip)}
                    y="0"
                    width={share(one.left + one.rightRip)}
                    height="20"
                />
            )}
            {one.seams.map((u) => (
                <line key={u} className="seam-line" x1={share(u)} x2={share(u)} y1="0" y2="20" />
            ))}
        </svg>
    );
}
