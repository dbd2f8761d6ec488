/** The page on which a hand pulls the stand-ins. */
export const handPage = `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>Stand-in instruments</title>
<style>
  body { font: 18px/1.4 sans-serif; margin: 24px; max-width: 34em; background: #f7f2e6; color: #1a1d1b }
  button, select { font: inherit; min-height: 56px; padding: 0 20px; margin: 4px 8px 4px 0 }
  output { display: block; min-height: 1.5em; font-weight: bold }
</style>
<h1>Stand-in instruments</h1>
<p>These stand where a wrench and a pump gauge would be. Choose on the job what is pulled next; the hand is here.</p>
<h2>Wrench</h2>
<label>This bolt (another choice takes it out and puts it in so):
  <select id="trouble">
    <option value="">as it comes</option>
    <option value="none">sound</option>
    <option value="dirty-thread">dirty thread</option>
    <option value="bottomed">bottoms in its hole</option>
    <option value="soft-joint">something between the faces</option>
    <option value="yields-early">stretches early</option>
  </select>
</label>
<p>
  <button data-to="wrench" data-share="1">Pull</button>
  <button data-to="wrench" data-share="0.8">Pull, let go early</button>
  <button data-to="wrench" data-share="1.15">Pull too far</button>
</p>
<output id="wrench"></output>
<h2>Pump</h2>
<p><button data-to="pump" data-share="1">Pump</button><button data-to="pump" data-share="0.9">Pump, stop early</button></p>
<output id="pump"></output>
<script>
  const open = {};
  for (const name of ['wrench', 'pump']) {
    const socket = new WebSocket('ws://' + location.host + '/' + name);
    open[name] = socket;
    socket.onmessage = ({ data }) => {
      const said = JSON.parse(data);
      if (said.type === 'hello') return;
      document.getElementById(name).textContent = [
        said.nm !== undefined && said.nm.toFixed(1) + ' N·m',
        said.deg !== undefined && said.deg.toFixed(0) + '°',
        said.bar !== undefined && said.bar + ' bar',
      ].filter(Boolean).join(', ');
    };
  }
  document.addEventListener('click', ({ target }) => {
    const { to, share } = target.dataset ?? {};
    if (!to) return;
    const trouble = document.getElementById('trouble').value;
    const said = { type: 'pull', share: Number(share), ...(trouble && { trouble }) };
    open[to].send(JSON.stringify(said) + '\\n');
  });
</script>
</html>
`;
