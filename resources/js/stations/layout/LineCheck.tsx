import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import type { LaidFace, LineTriangle } from '../../contracts/layout';
import { useJob } from '../../job/JobContext';
import { checkLine, forgetLine } from './edits';
import { useJobTape } from '../../tape/JobTape';
import { Said } from '../../tape/Len';
import { TapeEntry } from '../../tape/TapeEntry';
import { TapeField } from '../../tape/TapeField';

interface LineCheckProps {
    laid: LaidFace;
    /** Null where the layout is not free to begin elsewhere. */
    onTake: ((at: number, as: 'seam' | 'pan') => void) | null;
}

/** A snapped line held against the eave by any triangle: what the tape must read, what it reads, which end to move which way. */
export function LineCheck({ laid, onTake }: LineCheckProps) {
    const { t } = useTranslation();
    const { edit, mayChange, units } = useJob();
    const print = useJobTape();
    const { check, triangles } = laid;
    if (triangles.length === 0 && check === null) return null;
    const begin = ({ at, toward, along, up }: LineTriangle, change: Partial<LineTriangle> = {}) =>
        edit((d) => checkLine(d, laid.id, { at, toward, along, up, ...change }));
    return (
        <section aria-label={t('line.title')}>
            <h2>{t('line.title')}</h2>
            {check === null ? (
                <>
                    <p className="muted">{t('line.how')}</p>
                    {mayChange && (
                        <div className="rowed" style={{ marginTop: 6 }}>
                            {triangles.map((one, i) => (
                                <Button key={i} variant="outlined" color="inherit" onClick={() => begin(one)}>
                                    {t(i === 0 ? 'line.own' : 'line.square')}
                                </Button>
                            ))}
                        </div>
                    )}
                </>
            ) : (
                <div className="stack" style={{ gap: 10 }}>
                    <p data-testid="must-read">
                        <Said
                            text={t('line.must', {
                                along: print(check.along),
                                up: print(check.up),
                                must: print(check.must),
                                side: check.toward,
                            })}
                        />
                    </p>
                    {check.said && (
                        <div className="finding" data-severity={check.said.state === 'straight' ? 'note' : 'settle'}>
                            <Said text={check.said.text} />
                        </div>
                    )}
                    {mayChange && (
                        <>
                            <TapeEntry
                                label={t('line.read')}
                                units={units}
                                action={t('line.check')}
                                onEnter={(read) => {
                                    const { at, toward, along, up } = check;
                                    edit((d) => checkLine(d, laid.id, { at, toward, along, up, read }));
                                }}
                            />
                            <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                                <TapeField
                                    label={t('line.along')}
                                    value={check.along}
                                    units={units}
                                    least={12}
                                    onChange={(along) => begin(check, { along })}
                                />
                                <TapeField
                                    label={t('line.up')}
                                    value={check.up}
                                    units={units}
                                    least={12}
                                    onChange={(up) => begin(check, { up })}
                                />
                            </div>
                            <div className="rowed">
                                {onTake && check.said?.state === 'straight' && (
                                    <Button variant="outlined" onClick={() => onTake(check.at, check.as)}>
                                        {t('line.take')}
                                    </Button>
                                )}
                                <button
                                    type="button"
                                    className="linkish"
                                    onClick={() => edit((d) => forgetLine(d, laid.id))}
                                >
                                    {t('line.forget')}
                                </button>
                            </div>
                        </>
                    )}
                </div>
            )}
        </section>
    );
}
