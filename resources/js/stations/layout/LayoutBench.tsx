import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { LaidFace, Layout, LayoutAlternative, PlanFace } from '../../api/contract';
import { Findings } from '../../bench/Findings';
import { useJob } from '../../job/JobContext';
import { Len } from '../../tape/Len';
import { TapeEntry } from '../../tape/TapeEntry';

interface LayoutBenchProps {
    laid: LaidFace;
    face: PlanFace;
    choice: Layout;
    free: boolean;
    pinned: boolean;
    onChoose: (layout: Layout) => void;
    onNudge: (inches: number) => void;
    mark: number;
    onSystem: () => void;
}

/** The starting schools compared, with what each takes; nudge and pin. */
export function LayoutBench({ laid, face, choice, free, pinned, onChoose, onNudge, mark, onSystem }: LayoutBenchProps) {
    const { t } = useTranslation();
    const { mayChange, units } = useJob();
    const { layout } = laid;
    const nudged = Math.abs(layout.nudge) > 1e-9;
    const choose = (one: LayoutAlternative) => {
        if (!free) return;
        onChoose({
            school: one.school,
            ...(one.start ? { start: one.start } : {}),
            ...(one.school === 'control-point' ? { at: choice.at, as: choice.as } : {}),
        });
    };
    return (
        <aside className="bench" aria-label={t('bench')}>
            <h2>{t('layout.title')}</h2>
            <p className="muted" style={{ marginBottom: 10 }}>
                {t('layout.now', { face: face.name, panels: layout.panels, full: layout.fullPanels })}
            </p>
            {mayChange && (
                <div className="rowed" style={{ marginBottom: 10 }}>
                    <Button variant={pinned ? 'outlined' : 'contained'} onClick={() => onChoose({ ...choice, school: layout.school, pinned: !pinned })}>{t(pinned ? 'layout.unpin' : 'layout.pin')}</Button>
                    <Button variant="outlined" color="inherit" disabled={!free} onClick={() => onNudge(-mark)} aria-label={t('layout.nudge-left')}>[ ←</Button>
                    <Button variant="outlined" color="inherit" disabled={!free} onClick={() => onNudge(mark)} aria-label={t('layout.nudge-right')}>→ ]</Button>
                    {nudged && (
                        <span className="nowrap">
                            <Len inches={Math.abs(layout.nudge)} /> {t(layout.nudge > 0 ? 'layout.to-right' : 'layout.to-left')}{' '}
                            {free && <button type="button" className="linkish" onClick={() => onNudge(-layout.nudge)}>{t('layout.nudge-back')}</button>}
                        </span>
                    )}
                </div>
            )}
            {pinned && <p className="good" style={{ margin: '0 0 8px' }}>{t('layout.pinned')}</p>}
            <Findings findings={laid.findings} />
            <h3>{t('layout.compared')}</h3>
            {laid.alternatives.map((one) => (
                <Alternative key={`${one.school}${one.start ?? ''}`} one={one} nudged={one.chosen && nudged} disabled={!free} onChoose={() => choose(one)} />
            ))}
            {choice.school === 'control-point' && free && (
                <div className="card stack" style={{ gap: 10 }}>
                    <TapeEntry label={t('layout.control-at')} units={units} action={t('layout.set')} onEnter={(inches) => onChoose({ ...choice, at: face.outline[0][0] + inches, nudge: 0 })} />
                    <TextField select label={t('layout.control-as')} value={choice.as ?? 'seam'} onChange={(event) => onChoose({ ...choice, as: event.target.value as 'seam' | 'pan' })}>
                        <MenuItem value="seam">{t('layout.as-seam')}</MenuItem>
                        <MenuItem value="pan">{t('layout.as-pan')}</MenuItem>
                    </TextField>
                </div>
            )}
            {mayChange && <Button variant="outlined" color="inherit" onClick={onSystem} sx={{ mt: 1 }}>{t('system.choose')}</Button>}
            <h3>{t('mind')}</h3>
            <p className="caution">{t('caution.layout')}</p>
        </aside>
    );
}

function Alternative({ one, nudged, disabled, onChoose }: { one: LayoutAlternative; nudged: boolean; disabled: boolean; onChoose: () => void }) {
    const { t } = useTranslation();
    const name = t(`school.${one.school}${one.start ? `.${one.start}` : ''}`);
    return (
        <button type="button" className="card" aria-pressed={one.chosen} aria-disabled={disabled} onClick={onChoose} data-school={`${one.school}${one.start ? `-${one.start}` : ''}`}>
            <span className="row">
                <span>{name}{nudged ? ` · ${t('layout.then-nudged')}` : ''}</span>
                <span className="nowrap"><Rips one={one} /></span>
            </span>
            <MiniFace one={one} />
            <p>
                {one.tooNarrow && <span className="stop">{t('school.too-narrow')} </span>}
                {!one.tooNarrow && t(`school.${one.school}.why`)} {t('school.takes', { panels: one.pieces, feet: Math.round(one.squareFeet) })}
            </p>
        </button>
    );
}

function Rips({ one }: { one: LayoutAlternative }) {
    const { t } = useTranslation();
    const { leftRip, rightRip } = one;
    if (leftRip === null && rightRip === null) return <>{t('layout.no-rips')}</>;
    if (leftRip !== null && rightRip !== null) {
        return Math.abs(leftRip - rightRip) < 1e-6 ? <><Len inches={leftRip} inchesOnly /> {t('layout.each-end')}</> : <><Len inches={leftRip} inchesOnly /> {t('layout.and')} <Len inches={rightRip} inchesOnly /></>;
    }
    return <><Len inches={(leftRip ?? rightRip) as number} inchesOnly /> {t(leftRip === null ? 'layout.last-rip' : 'layout.first-rip')}</>;
}

/** The face's width at a glance: seams, and rips in colour. */
function MiniFace({ one }: { one: LayoutAlternative }) {
    const width = Math.max(one.right - one.left, 1);
    const share = (u: number) => `${(((u - one.left) / width) * 100).toFixed(3)}%`;
    return (
        <svg className="bar" width="100%" height="20" aria-hidden="true" style={{ display: 'block' }}>
            {one.leftRip !== null && <rect className="rip" x="0" y="0" width={share(one.left + one.leftRip)} height="20" />}
            {one.rightRip !== null && <rect className="rip" x={share(one.right - one.rightRip)} y="0" width={share(one.left + one.rightRip)} height="20" />}
            {one.seams.map((u) => <line key={u} className="seam-line" x1={share(u)} x2={share(u)} y1="0" y2="20" />)}
        </svg>
    );
}
