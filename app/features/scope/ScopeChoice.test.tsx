import type { Kept, ScopeKind } from '@cardinex/core/job/facts/scope';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { ScopeChoice } from './ScopeChoice';

function Choosing({ sheet, tried = false }: { sheet: EngineSheet; tried?: boolean }) {
  const [kind, setKind] = useState<ScopeKind | null>(null);
  const [only, setOnly] = useState('');
  const [also, setAlso] = useState<readonly string[]>([]);
  const [keep, setKeep] = useState<readonly Kept[]>([]);
  return (
    <ScopeChoice
      sheet={sheet}
      kind={kind}
      only={only}
      tried={tried}
      onKind={setKind}
      also={also}
      onOnly={setOnly}
      onAlso={setAlso}
      keep={keep}
      onKeep={setKeep}
    />
  );
}

describe('how far a job goes', () => {
  it('is asked with what each takes off and leaves', async () => {
    render(<Choosing sheet={tolvane44} />);
    await userEvent.click(screen.getByRole('button', { name: 'In the frame' }));
    expect(screen.getByText('Heads, liners, pistons, shells. The crank stays in.')).toBeDefined();
    expect(screen.queryByText('Which head?')).toBeNull();
  });

  it('asks which head only of an engine that has several', async () => {
    const { unmount } = render(<Choosing sheet={tolvane44} />);
    expect(screen.queryByRole('button', { name: 'One head' })).toBeNull();
    unmount();
    render(<Choosing sheet={hesperM6Right} />);
    await userEvent.click(screen.getByRole('button', { name: 'One head' }));
    const heads = screen.getByRole('group', { name: 'Which head?' });
    expect(heads.textContent).toContain('123456');
  });

  it('says what is still missing once it was tried to go on', async () => {
    render(<Choosing sheet={tolvane44} tried />);
    expect(screen.getByText('Say how far it goes: that decides the cards.')).toBeDefined();
    await userEvent.click(screen.getByRole('button', { name: 'One cylinder' }));
    expect(screen.getByText('Say which one.')).toBeDefined();
    await userEvent.click(screen.getByRole('button', { name: '3' }));
    expect(screen.queryByText('Say which one.')).toBeNull();
  });

  it('offers to leave on what can be lifted with its head, and asks why', async () => {
    render(<Choosing sheet={tolvane44} tried />);
    await userEvent.click(screen.getByRole('button', { name: 'Head gasket' }));
    await userEvent.click(
      screen.getByRole('button', { name: 'Something stays on what it stands on?' }),
    );
    // Rocker bolts go through the shaft into nothing else; but the shaft is in the way of the head bolts.
    expect(screen.queryByRole('button', { name: 'Rocker shaft' })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Inlet manifold' }));
    expect(screen.getByText('Say why it stays on: it stands in the record.')).toBeDefined();
    await userEvent.type(screen.getByLabelText('Why does it stay on?'), 'studs seized');
    expect(screen.queryByText('Say why it stays on: it stands in the record.')).toBeNull();
  });
});
