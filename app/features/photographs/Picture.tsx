import { useEffect, useMemo } from 'react';

const LOOKS = {
  small: { width: '100%', height: 120, objectFit: 'cover', borderRadius: 6, display: 'block' },
  full: { width: '100%', borderRadius: 6, display: 'block' },
} as const;

interface Props {
  readonly jobId: string;
  readonly id: string;
  readonly says: string;
  readonly size: 'small' | 'full';
  /** From this device, where it was taken here. */
  readonly blob: Blob | undefined;
}

/** A photograph: from this device while it is only here, else from the server. */
export function Picture({ jobId, id, says, size, blob }: Props) {
  const own = useMemo(() => (blob ? URL.createObjectURL(blob) : null), [blob]);
  useEffect(() => {
    if (own !== null) return () => URL.revokeObjectURL(own);
    return undefined;
  }, [own]);
  return (
    <img
      src={own ?? `/api/jobs/${jobId}/photographs/${id}?size=${size}`}
      alt={says}
      loading="lazy"
      style={LOOKS[size]}
    />
  );
}
