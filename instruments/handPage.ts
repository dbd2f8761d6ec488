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
<p>These stand where a wrench, a pump gauge, a crank encoder and a scanner would be. Choose on the job what is done next; the hand is here.</p>
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
<h2>Crank</h2>
<p>
  <button data-to="encoder" data-deg="90">Bar 90°</button>
  <button data-to="encoder" data-deg="10">10°</button>
  <button data-to="encoder" data-deg="1">1°</button>
  <button data-to="encoder" data-deg="-90">90° back</button>
</p>
<output id="encoder"></output>
<h2>Scanner</h2>
<p><label>A part with this code: <input id="code" style="font:inherit;min-height:50px;width:9em"></label>
  <button data-to="scanner">Hold it before the scanner</button></p>
<output id="scanner"></output>
<script>
  const open = {};
  for (const name of ['wrench', 'pump', 'encoder', 'scanner']) {
    const socket = new WebSocket('ws://' + location.host + '/' + name);
    open[name] = socket;
    socket.onmessage = ({ data }) => {
      const said = JSON.parse(data);
      if (said.type === 'hello') return;
      document.getElementById(name).textContent = [
        said.nm !== undefined && said.nm.toFixed(1) + ' N·m',
        said.deg !== undefined && said.deg.toFixed(0) + '°',
        said.bar !== undefined && said.bar + ' bar',
        said.code,
      ].filter(Boolean).join(', ');
    };
  }
  document.addEventListener('click', ({ target }) => {
    const { to, share, deg } = target.dataset ?? {};
    if (!to) return;
    const trouble = document.getElementById('trouble').value;
    const code = document.getElementById('code').value.trim();
    const said =
      to === 'encoder' ? { type: 'pull', deg: Number(deg) }
      : to === 'scanner' ? { type: 'pull', ...(code && { code }) }
      : { type: 'pull', share: Number(share), ...(trouble && { trouble }) };
    open[to].send(JSON.stringify(said) + '\\n');
  });
</script>
</html>
`;
