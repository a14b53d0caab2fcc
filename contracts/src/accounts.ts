import 'reflect-metadata';
import { rateProblems } from '@oddment/core';
import { ByName, Currency, DateOnly, Id, LoginName, NumberBetween, OneOf, OptionalNested, Optionally, Text, Version, YesOrNo } from './fields.ts';
import { HoursBody } from './hours.ts';
import { SidesTaken } from './job.ts';
import { roles, type Role } from './roles.ts';

export class SignInBody {
  @Text('The sign-in name', 1, 80) login!: string;
  @Text('The password', 1, 200) password!: string;
}

/** The first account of a new installation, and the firm it belongs to. */
export class FirstAccountBody {
  @Text('The firm', 1, 120) firm!: string;
  @Text('Your name', 1, 120) name!: string;
  @LoginName() login!: string;
  @Text('The password', 10, 200) password!: string;
}

/** What an hour of work costs. */
export class LaborBody {
  @NumberBetween('The rate', 0.01, 100_000) perHour!: number;
  @Currency() currency!: string;
  @DateOnly('The date from which it holds') since!: string;
}

/** What a firm prefers, how long its people take, and what an hour of them costs. */
export class HouseRulesFields {
  @SidesTaken() schools!: Record<string, string>;
  // whether a rate is known is seen beside those that are kept
  @Optionally(ByName('The rates', 'number', (all) => rateProblems(all, all))) rates?: Record<string, number>;
  @OptionalNested(() => LaborBody) labor?: LaborBody;
  @OptionalNested(() => HoursBody) hours?: HoursBody;
}

export class HouseRulesBody extends HouseRulesFields {
  @Id() change!: string;
  @Version() version!: number;
}

/** A new account: it begins with a one-time link, with which its person sets the password. */
export class NewPersonBody {
  @Id() id!: string;
  @Id() change!: string;
  @Text('The name', 1, 120) name!: string;
  @LoginName() login!: string;
  @OneOf('The role', roles) role!: Role;
}

export class ChangePersonBody {
  @Id() change!: string;
  @Version() version!: number;
  @Text('The name', 1, 120) name!: string;
  @OneOf('The role', roles) role!: Role;
  @YesOrNo('Whether it is disabled') disabled!: boolean;
}

/** Asking for a one-time link for somebody who lost the password. */
export class ResetBody {
  @Id() change!: string;
}

/** Setting a password by a one-time link. */
export class OneTimeBody {
  @Text('The link', 20, 100) token!: string;
  @Text('The password', 10, 200) password!: string;
}

export class PasswordBody {
  @Text('The present password', 1, 200) present!: string;
  @Text('The password', 10, 200) password!: string;
}
