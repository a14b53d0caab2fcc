import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  oxc: { decorator: { legacy: true } },
  worker: { format: 'es' },
  build: { target: 'es2022', sourcemap: false, chunkSizeWarningLimit: 900 },
  server: { port: 5173, strictPort: true, proxy: { '/api': 'http://127.0.0.1:4717' } },
});
