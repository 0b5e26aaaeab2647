'use client';

import { styled } from 'styled-components';
import { color, font, size, space } from '@/ui/tokens/tokens';

export const Frame = styled.div`
  height: 100vh; min-height: 520px; display: grid; grid-template-rows: 46px minmax(0, 1fr) 56px; background: ${color.ground}; color: ${color.ink}; overflow: hidden;
  > header { display: flex; align-items: center; gap: ${space(4)}; padding: 0 ${space(4)}; border-bottom: 1px solid ${color.rule}; }
  > header .home { display: flex; }
  > header h1 { font-family: ${font.serif}; font-size: ${size.large}; font-weight: 500; margin: 0; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; }
  > header .count { color: ${color.quiet}; font-size: ${size.small}; white-space: nowrap; }
  > header .end { margin-left: auto; display: flex; gap: ${space(3)}; align-items: center; white-space: nowrap; }
  > footer { display: flex; align-items: center; gap: ${space(3)}; padding: 0 ${space(4)}; border-top: 1px solid ${color.rule}; font-size: ${size.small}; color: ${color.quiet}; white-space: nowrap; }
  > footer .end { margin-left: auto; display: flex; gap: ${space(3)}; align-items: center; }
`;
export const Body = styled.main`
  display: grid; grid-template-columns: minmax(0, 1fr) 340px; min-height: 0;
  @media (max-width: 1080px) { grid-template-columns: minmax(0, 1fr) 280px; }
`;
export const Screen = styled.div`
  min-height: 0; min-width: 0; display: grid; background: #0c0f0d; position: relative;
  > .said { position: absolute; left: ${space(4)}; bottom: ${space(4)}; max-width: 80%; background: rgba(12, 15, 13, 0.78); color: #efeadb; padding: ${space(2)} ${space(3)}; font-family: ${font.serif}; font-size: ${size.large}; line-height: 1.25; pointer-events: none; }
  > .said small { display: block; font-family: ${font.sans}; font-size: ${size.small}; color: #bdb8a8; }
  &:fullscreen > .said { font-size: 34px; }
  &:fullscreen > .said small { font-size: ${size.large}; }
`;
