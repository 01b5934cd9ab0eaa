import { beside, listed } from '../../words/lists';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { Fragment } from 'react';
import { useTranslation } from 'react-i18next';
import { useMeasures } from '../../tape/measures';
import type { LaidFace, Layout, LayoutAlternative, LayoutSlice } from '../../contracts/layout';
import type { PlanFace } from '../../contracts/roof';
import { Findings } from '../../bench/Findings';
import { tipPlaces } from '../../api/tips';
import { Tips } from '../../bench/Tips';
import { useJob } from '../../job/JobContext';
import { asChoice, layOutTogether, leaveToSearch } from './edits';
import { Len, Said } from '../../tape/Len';
import { TapeEntry } from '../../tape/TapeEntry';
import { LineCheck } from './LineCheck';
import { PinsCost, signed } from './PinsCost';
import { Starters } from './Starters';
import { Unchosen } from './Unchosen';
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
    const { mayChange: allowed, edit } = useJob();
    // Panels laid sideways go on from the opening up, whatever anybody wishes.
    const mayChange = allowed && face.direction === 'up';
    const { layout } = laid;
    const nudged = Math.abs(layout.nudge) > 1e-9;
    const tied = (laid.group?.faces ?? [])
        .filter((id) => id !== face.id)
        .map((id) => slice.faces.find((way) => way.id === id)?.name ?? id);
    return (
        <aside className="bench" aria-label={t('bench')}>
            <h1>{t('layout.title')}</h1>
            <p className="muted" style={{ marginBottom: 10 }}>
                {t('layout.now', { face: face.name, panels: layout.panels, full: layout.fullPanels })}{' '}
                {tied.length > 0 && t('layout.tied', { faces: listed(t, tied) })}
            </p>
            {mayChange && (
                <NudgeAndPin laid={laid} free={free} pinned={pinned} onNudge={onNudge} onPin={onPin} mark={mark} />
            )}
            {pinned && (
                <p className="good" style={{ margin: '0 0 8px' }}>
                    {t('layout.pinned')}
                </p>
            )}
            <Unchosen profile={slice.profile.key} onChoose={onSystem} />
            <PinsCost laid={laid} />
            <Findings findings={laid.findings} />
            <h2>{t('layout.compared')}</h2>
            <p className="muted small" style={{ marginBottom: 8 }}>
                {t('score.what')}
            </p>
            {laid.alternatives.map((way) => (
                <Alternative
                    key={`${way.start}${way.from ?? ''}${way.at ?? ''}${way.as}${way.together.length}`}
                    way={way}
                    nudged={way.chosen && nudged}
                    disabled={!free}
                    onChoose={() => {
                        if (!free) return;
                        if (way.together.length > 0) edit((d) => layOutTogether(d, way.together));
                        else onChoose(asChoice(way));
                    }}
                />
            ))}
            {free && <OtherStarts laid={laid} face={face} choice={choice} onChoose={onChoose} />}
            <Starters laid={laid} />
            <LineCheck laid={laid} onTake={free ? (at, as) => onChoose({ start: 'control-point', at, as }) : null} />
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
            <Tips places={tipPlaces('layout', face.edges, slice.profile.key)} />
            <h2>{t('mind')}</h2>
            <p className="caution">{t('caution.layout')}</p>
        </aside>
    );
}

type NudgeAndPinProps = Pick<LayoutBenchProps, 'laid' | 'free' | 'pinned' | 'onNudge' | 'onPin' | 'mark'>;

/** Moves the seams by a mark of the tape, and holds them where they are. */
function NudgeAndPin({ laid, free, pinned, onNudge, onPin, mark }: NudgeAndPinProps) {
    const { t } = useTranslation();
    const { layout } = laid;
    const nudged = Math.abs(layout.nudge) > 1e-9;
    return (
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
                    <Len inches={Math.abs(layout.nudge)} /> {t(layout.nudge > 0 ? 'layout.to-right' : 'layout.to-left')}{' '}
                    {free && (
                        <button type="button" className="linkish" onClick={() => onNudge(-layout.nudge)}>
                            {t('layout.nudge-back')}
                        </button>
                    )}
                </span>
            )}
        </div>
    );
}

type OtherStartsProps = Pick<LayoutBenchProps, 'laid' | 'face' | 'choice' | 'onChoose'>;

/** Starts nobody compared: the search's own, and a place of one's own. */
function OtherStarts({ laid, face, choice, onChoose }: OtherStartsProps) {
    const { t } = useTranslation();
    const { units, edit } = useJob();
    const { layout } = laid;
    const left = Math.min(...face.outline.map(([u]) => u));
    return (
        <>
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
            {choice.start === 'control-point' && (
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
        </>
    );
}

function Alternative({
    way,
    nudged,
    disabled,
    onChoose,
}: {
    way: LayoutAlternative;
    nudged: boolean;
    disabled: boolean;
    onChoose: () => void;
}) {
    const { t } = useTranslation();
    const measure = useMeasures();
    const name =
        way.together.length > 0
            ? t('start.together')
            : t(
                  way.place === 'valley-point'
                      ? `start.valley-point.${way.as}`
                      : `start.${way.start}${way.from ? `.${way.from}` : ''}`,
              );
    const against = way.reasons.filter((reason) => !reason.speaksFor);
    const shown = [...against, ...way.reasons.filter((reason) => reason.speaksFor)].slice(0, way.chosen ? 8 : 3);
    return (
        <button
            type="button"
            className="card"
            aria-pressed={way.chosen}
            aria-disabled={disabled}
            onClick={onChoose}
            data-start={
                way.together.length > 0
                    ? 'together'
                    : `${way.place ?? way.start}${way.from ? `-${way.from}` : ''}${way.place ? `-${way.as}` : ''}`
            }
        >
            <span className="row">
                <span>{beside(t, [name, nudged && t('layout.then-nudged')])}</span>
                <span className="nowrap">
                    <Rips way={way} />
                </span>
            </span>
            <MiniFace way={way} />
            <p>
                {way.tooNarrow && <span className="stop">{t('start.too-narrow')} </span>}
                {shown.map((reason, i) => (
                    <span key={i} className={reason.speaksFor ? undefined : 'stop'}>
                        <Said text={reason.message} />{' '}
                    </span>
                ))}
                {way.together.length > 0 && <>{t('start.together-how', { faces: way.together.length })} </>}
                {t('start.takes', { panels: way.pieces, area: measure('area', way.squareFeet) })}
            </p>
            <span className="small muted" style={{ display: 'block', marginTop: 4 }}>
                {t(way.least ? 'score.least' : 'score.more', { points: way.points })}
                {way.parts.map(({ part, points }) => (
                    <Fragment key={part}>
                        {' '}
                        ·{' '}
                        <span className="nowrap">
                            {t(`score.${part}`)} {way.chosen ? points : signed(points)}
                        </span>
                    </Fragment>
                ))}
            </span>
        </button>
    );
}

function Rips({ way }: { way: LayoutAlternative }) {
    const { t } = useTranslation();
    const { leftRip, rightRip } = way;
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
function MiniFace({ way }: { way: LayoutAlternative }) {
    const width = Math.max(way.right - way.left, 1);
    const share = (u: number) => `${(((u - way.left) / width) * 100).toFixed(3)}%`;
    return (
        <svg className="bar" width="100%" height="20" aria-hidden="true" style={{ display: 'block' }}>
            {way.leftRip !== null && (
                <rect className="rip" x="0" y="0" width={share(way.left + way.leftRip)} height="20" />
            )}
            {way.rightRip !== null && (
                <rect
                    className="rip"
                    x={share(way.right - way.rightRip)}
                    y="0"
                    width={share(way.left + way.rightRip)}
                    height="20"
                />
            )}
            {way.seams.map((u) => (
                <line key={u} className="seam-line" x1={share(u)} x2={share(u)} y1="0" y2="20" />
            ))}
        </svg>
    );
}
