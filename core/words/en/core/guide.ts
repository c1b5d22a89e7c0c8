export const texts = {
  thisCorner: 'this corner',
};
