using Krasis.App.Shared;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Planning.Needing;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Shows how the house prepares.</summary>
public static class PrepSettingsViews
{
    public static PrepSettingsView View(Session session, StandardNeeds standards, TimeProvider clock)
    {
        var kitchen = Kitchen.Of(session, standards, clock);
        var coffees = kitchen
            .BarDocument.Parts.Where(part => part.Id is not null)
            .ToDictionary(part => part.Id!, part => part.ShelfLifeDays);
        return new PrepSettingsView(
            VersionTag.Of(kitchen.Version, session),
            kitchen.Document,
            [
                .. kitchen
                    .Catalogue.Values.Where(item => item.Item.Kind == ItemKind.Ingredient)
                    .Select(item => new CanMakeView(
                        item.Item.Id,
                        item.Name,
                        item.Of.Count > 0,
                        coffees.GetValueOrDefault(item.Item.Id)
                    ))
                    .OrderBy(each => each.IsMade ? 0 : 1)
                    .ThenBy(each => each.Name, StringComparer.Ordinal),
            ],
            [
                .. kitchen
                    .Catalogue.Values.Where(item => !item.IsMade)
                    .Select(item => new CanBuyView(
                        item.Item.ToString(),
                        item.Name,
                        item.Item.Kind == ItemKind.Cup,
                        item.PackSays
                    ))
                    .OrderBy(each => each.Name, StringComparer.Ordinal),
            ],
            [
                .. kitchen
                    .Facts.Kinds.Select(kind =>
                        (
                            kind,
                            Learned: kitchen.Learner.FactorOf(day =>
                                kitchen.Kinds.GetValueOrDefault(Kitchen.Written(day)) == kind.Id
                            )
                        )
                    )
                    .Where(each => each.Learned is not null)
                    .Select(each => new LearnedKindView(
                        each.kind.Id,
                        each.Learned!.Value.Factor * 100,
                        each.Learned.Value.Spread * 100,
                        each.Learned.Value.Days
                    )),
            ],
            DateMarking.MostChilledDays
        );
    }
}
