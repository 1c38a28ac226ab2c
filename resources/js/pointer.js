/* Reads values off a chart: finds the nearest row of the table behind it and says it, by pointer and arrow keys. */
const point = (chart, row) => {
    const line = chart.querySelector('.pointer');
    line.setAttribute('x1', row.dataset.x);
    line.setAttribute('x2', row.dataset.x);
    line.style.visibility = 'visible';
    const names = [...chart.closest('figure').querySelectorAll('thead th')].map((th) => th.textContent.trim());
    const cells = [...row.children].map((cell) => cell.textContent.trim());
    const said = cells
        .slice(1)
        .map((cell, i) => `${names[i + 1]} ${cell}`)
        .join(' · ');
    chart.closest('figure').querySelector('.readout').textContent = `minute ${cells[0]}: ${said}`;
};

const rowsOf = (chart) => [...chart.closest('figure').querySelectorAll('tbody tr')];

const nearest = (chart, clientX) => {
    const box = chart.getBoundingClientRect();
    const x = ((clientX - box.left) / box.width) * chart.viewBox.baseVal.width;
    return rowsOf(chart).reduce((best, row) =>
        Math.abs(row.dataset.x - x) < Math.abs(best.dataset.x - x) ? row : best,
    );
};

export const readPointer = () => {
    document.addEventListener('pointermove', (event) => {
        const chart = event.target.closest?.('svg.chart');
        if (chart) point(chart, nearest(chart, event.clientX));
    });
    document.addEventListener('pointerdown', (event) => {
        const chart = event.target.closest?.('svg.chart');
        if (chart) point(chart, nearest(chart, event.clientX));
    });
    document.addEventListener('keydown', (event) => {
        const chart = document.activeElement?.closest?.('svg.chart');
        if (!chart || !['ArrowLeft', 'ArrowRight'].includes(event.key)) return;
        event.preventDefault();
        const rows = rowsOf(chart);
        const at = rows.findIndex((row) => row.dataset.x === chart.querySelector('.pointer').getAttribute('x1'));
        point(chart, rows[Math.min(rows.length - 1, Math.max(0, at + (event.key === 'ArrowRight' ? 1 : -1)))]);
    });
};
