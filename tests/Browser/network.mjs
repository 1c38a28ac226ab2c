/* A network that can be cut: stands between one tablet and the shop, on loopback. */
import http from 'node:http';

export class Network {
    sockets = new Set();

    /** @param {string} shop where the shop is, http://127.0.0.1:PORT */
    constructor(shop) {
        this.shop = new URL(shop);
    }

    async up(port = 0) {
        this.server = http.createServer((request, answer) => this.pass(request, answer));
        this.server.on('connection', (socket) => {
            this.sockets.add(socket);
            socket.on('close', () => this.sockets.delete(socket));
        });
        await new Promise((done) => this.server.listen(port, '127.0.0.1', done));
        this.port = this.server.address().port;
        this.url = `http://127.0.0.1:${this.port}`;
    }

    /** Everything under way breaks off, and nobody answers. */
    async cut() {
        const closed = new Promise((done) => this.server.close(done));
        for (const socket of this.sockets) socket.destroy();
        await closed;
    }

    async restore() {
        await this.up(this.port);
    }

    pass(request, answer) {
        const on = http.request(
            {
                host: this.shop.hostname,
                port: this.shop.port,
                method: request.method,
                path: request.url,
                headers: { ...request.headers, host: this.shop.host },
            },
            (told) => {
                const headers = { ...told.headers };
                if (headers.location) headers.location = headers.location.replace(this.shop.origin, this.url);
                answer.writeHead(told.statusCode, headers);
                told.pipe(answer);
            },
        );
        on.on('error', () => answer.destroy());
        request.pipe(on);
    }
}
