using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Core.Planning.Buying;
using Krasis.Core.Planning.Plans;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Says what the plan would come to under other circumstances. Nothing is kept.</summary>
public sealed class TryPlan(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<WhatIfView> Run(WhatIfRequest request) =>
        file.Read<Result<WhatIfView>>(session =>
        {
            var (off, instead) = (request.Off ?? [], request.Instead ?? []);
            var kitchen = Kitchen.Of(session, standards, clock, instead);
            var fields = new FieldReader();
            var cups = fields.Optional("cupsPercent", request.CupsPercent, 0, 1000, "%");
            var iced = fields.Optional("icedPercent", request.IcedPercent, 0, 1000, "%");
            if (request.Without is { } without && !kitchen.Facts.Equipment.Any(each => each.Id == without))
            {
                fields.Report(
                    "without",
                    without,
                    "There is no such equipment.",
                    string.Join(", ", kitchen.Facts.Equipment.Select(each => each.Id).DefaultIfEmpty("none is entered"))
                );
            }

            foreach (
                var (id, field) in off.Select((id, i) => (id, $"off[{i}]"))
                    .Concat(instead.Select((id, i) => (id, $"instead[{i}]")))
            )
            {
                if (id is null || !kitchen.Drinks.ContainsKey(id))
                {
                    fields.Report(field, id, "There is no such build.", "a build of the library");
                }
            }

            if (fields.Problems.Count > 0)
            {
                return Refusal.Fields(fields.Problems);
            }

            var input = kitchen.Input(session);
            var other = new WhatIf(cups, iced, request.Without, off, instead).On(input, kitchen.Iced.Contains);
            var (now, then) = (PrepPlanner.Plan(input), PrepPlanner.Plan(other));
            return Result.Of(
                new WhatIfView(
                    now.Figures,
                    then.Figures,
                    Cost(input, now),
                    Cost(other, then),
                    now.Conflicts,
                    then.Conflicts
                )
            );

            static double Cost(PlanInput input, PrepPlan plan) => OrderList.Of(input, plan).Sum(row => row.Cost ?? 0);
        });
}
