namespace Krasis.Core.Bar.Ingredients;

/// <summary>What sort of thing an ingredient is; it decides how the bar rounds it and how it behaves in the
/// cup.</summary>
public enum IngredientKind
{
    /// <summary>Espresso, made by an espresso recipe and poured in shots.</summary>
    Espresso,

    /// <summary>Coffee brewed in a batch: iced coffee, cold brew, strong brew.</summary>
    Coffee,

    /// <summary>Tea: brewed, or a concentrate to be thinned, with spices or without.</summary>
    Tea,

    /// <summary>Milk, cream and plant drinks.</summary>
    Milk,

    /// <summary>Thin flavoured syrup.</summary>
    Syrup,

    /// <summary>Thick sauce.</summary>
    Sauce,

    /// <summary>Water and soda.</summary>
    Water,

    /// <summary>Ice, which floats.</summary>
    Ice,

    /// <summary>Ice cream and other frozen scoops, which take up heat as they melt.</summary>
    IceCream,

    /// <summary>Powder that is dissolved: cocoa, drinking chocolate, instant coffee, sugar.</summary>
    Powder,

    /// <summary>What stands on the drink or clings to the cup: whipped cream, crumbs, sprinkles.</summary>
    Topping,

    /// <summary>A flavour that is dosed in drops and tenths of a gram.</summary>
    Flavour,
}
